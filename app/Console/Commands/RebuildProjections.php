<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Walk\ProjectAttempt;
use App\Actions\Walk\ReadSheet;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use Illuminate\Console\Command;

final class RebuildProjections extends Command
{
    protected $signature = 'pasada:project';

    protected $description = 'Rebuild every projection of finished attempts from their marks; what an earlier '.
        'scoring closed stays as it is';

    public function handle(ReadSheet $sheets, ProjectAttempt $project): int
    {
        $count = $kept = 0;
        foreach (Attempt::query()->where('status', AttemptStatus::Finished)->with('result')->lazyById(50) as $attempt) {
            if ($attempt->result?->isOfEarlierEngine() === true) {
                $kept++;

                continue;
            }
            $project->handle($attempt, $sheets->handle($attempt));
            $count++;
        }
        $this->line(
            sprintf(
                '%d attempts projected.%s',
                $count,
                $kept === 0 ? '' : sprintf(' %d keep what an earlier scoring said.', $kept),
            ),
        );

        return self::SUCCESS;
    }
}
