<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Progress\SchoolModels;
use Illuminate\Console\Command;
use Illuminate\Database\ConnectionInterface;
use stdClass;

final class RefitSchools extends Command
{
    protected $signature = 'pasada:refit';

    protected $description = 'Work out anew what all attempts tell of each school, for all that it walks by and on';

    public function handle(ConnectionInterface $database, SchoolModels $models): int
    {
        $used = $database->table('attempts')->where('status', 'finished')->distinct()
            ->orderBy('school_id')->get(['school_id', 'checklist_id', 'vehicle_id']);
        foreach ($used as $one) {
            /** @var stdClass&object{school_id: int, checklist_id: int, vehicle_id: int} $one */
            $checklist = StoredChecklist::query()->findOrFail($one->checklist_id);
            $vehicle = StoredVehicle::query()->findOrFail($one->vehicle_id);
            $this->line(sprintf('School %d: %s, %s', $one->school_id, $checklist->name, $vehicle->name));
            $bar = $this->output->createProgressBar();
            $models->fit(
                $one->school_id, $checklist, $vehicle,
                static function (int $done, int $all) use ($bar): void {
                    $bar->setMaxSteps($all);
                    $bar->setProgress($done);
                },
            );
            $bar->finish();
            $this->newLine();
        }

        return self::SUCCESS;
    }
}
