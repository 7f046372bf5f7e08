<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\School\LoadDemoSchool;
use App\Demo\DemoSchool;
use App\Models\Installation;
use App\Models\School;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;

final class LoadDemo extends Command
{
    protected $signature = 'pasada:demo {--if-empty : do nothing where a school is there already} {--accounts : only '.
        'list the demo accounts}';

    protected $description = 'Load the made-up school with its students and their walks';

    public function handle(LoadDemoSchool $load): int
    {
        if ($this->option('accounts') === true) {
            foreach ([...DemoSchool::staff(), DemoSchool::studentAccount()] as [$name, $email, $role]) {
                $this->line(sprintf('    %-11s %-28s %s', $role->value, $email, $name));
            }

            return self::SUCCESS;
        }
        if (Installation::here()?->kind === Installation::SCHOOL) {
            $this->error('This Pasada is a school\'s. Made-up data is kept in a Pasada of its own.');

            return $this->option('if-empty') === true ? self::SUCCESS : self::FAILURE;
        }
        if (School::query()->exists()) {
            $this->line('A school is there already; nothing was changed.');

            return $this->option('if-empty') === true ? self::SUCCESS : self::FAILURE;
        }
        $load->handle(Carbon::now(), fn (string $name) => $this->line($name));

        return self::SUCCESS;
    }
}
