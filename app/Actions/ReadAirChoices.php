<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\AirChoicesResource;
use App\Http\Resources\AirFaultResource;
use App\Http\Resources\AirSequenceResource;
use App\Http\Resources\AirVehicleResource;
use App\Library\HiddenFaults;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Checklist\ChecklistReader;
use Pasada\Core\Vehicle\VehicleReader;

/** What somebody can practise on today: what is in force at the school, and what may be wrong with it. */
final readonly class ReadAirChoices
{
    public function handle(User $user, Carbon $now): AirChoicesResource
    {
        $vehicles = StoredVehicle::inForceOn($user->school_id, $now)->toBase()->map(static function (StoredVehicle $row): AirVehicleResource {
            $vehicle = BrakedVehicle::of((new VehicleReader)->read($row->document, $row->slug));

            return new AirVehicleResource($row->id, $row->name, $vehicle->combination, $vehicle->hasHandValve, $vehicle->isManual);
        });
        $sequences = StoredChecklist::inForceOn($user->school_id, $now)->toBase()->map(static function (StoredChecklist $row): AirSequenceResource {
            $sequence = (new ChecklistReader)->read($row->document, $row->slug)->brakeSequence();

            return new AirSequenceResource($row->id, $row->name, array_map(static fn (StepChoice $step): string => $step->test->label(), $sequence->steps), $sequence->restarts);
        });

        return new AirChoicesResource(
            array_values($vehicles->all()),
            array_values($sequences->filter(static fn (AirSequenceResource $sequence): bool => $sequence->steps !== [])->all()),
            array_map(static fn (string $id, string $name): AirFaultResource => new AirFaultResource($id, $name), array_keys(HiddenFaults::CHOICES), HiddenFaults::CHOICES),
        );
    }
}
