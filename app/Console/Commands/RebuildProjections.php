<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ProjectAttempt;
use App\Actions\ReadSheet;
use App\Models\Attempt;
use Illuminate\Console\Command;

final class RebuildProjections extends Command
{
    protected $signature = 'pasada:project';

    protected $description = 'Rebuild every projection of finished attempts from their marks';

    public function handle(ReadSheet $sheets, ProjectAttempt $project): int
    {
        $count = 0;
        foreach (Attempt::finished()->lazyById(50) as $attempt) {
            $project->handle($attempt, $sheets->handle($attempt));
            $count++;
        }
        $this->line(sprintf('%d attempts projected.', $count));

        return self::SUCCESS;
    }
}
