<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\School\SetUpSchool;
use App\Models\Installation;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;

final class InstallSchool extends Command
{
    protected $signature = 'pasada:install {--kind : only say what this Pasada is: demo, school, or nothing yet}';

    protected $description = 'Make this Pasada a school\'s, and print the code by which it is set up in the browser';

    public function handle(SetUpSchool $setUp): int
    {
        $kind = Installation::here()?->kind;
        if ($this->option('kind') === true) {
            $this->line($kind ?? '');

            return self::SUCCESS;
        }
        if ($kind === Installation::DEMO) {
            $this->error('This Pasada holds made-up data, and never becomes a school\'s.');
            $this->line('What to do: take another checkout, or delete var/ of this one, and run ./pasada up --school.');

            return self::FAILURE;
        }
        $code = $setUp->code(Carbon::now());
        // Where the school is set up already there is nothing to print.
        if ($code !== null) {
            $this->line(implode('-', str_split($code, 5)));
        }

        return self::SUCCESS;
    }
}
