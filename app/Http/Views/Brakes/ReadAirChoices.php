<?php

declare(strict_types=1);

namespace App\Http\Views\Brakes;

use App\Http\Resources\Brakes\AirChoicesResource;
use App\Http\Resources\Brakes\AirDrillResource;
use App\Http\Resources\Brakes\AirFaultResource;
use App\Http\Resources\Brakes\AirLimitResource;
use App\Http\Resources\Brakes\AirSequenceResource;
use App\Http\Resources\Brakes\AirVehicleResource;
use App\Library\InspectionLibrary;
use App\Models\StoredChecklist;
use App\Models\StoredVehicle;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\Air\CabFault;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Vehicle\VehicleReader;

/** What somebody can practice on today: what is in force at the school, and what may be wrong with it. */
final readonly class ReadAirChoices
{
    public function __construct(private InspectionLibrary $inspections) {}

    public function handle(User $user, Carbon $now): AirChoicesResource
    {
        $used = MostWalked::around($user);
        $braked = [];
        $vehicles = [];
        foreach ($used->first(StoredVehicle::inForceOn($user->school_id, $now)) as $row) {
            $vehicle = BrakedVehicle::of((new VehicleReader())->read($row->document, $row->slug));
            if (! $vehicle->hasValves()) {
                continue;
            }
            $braked[$row->id] = $vehicle;
            $vehicles[] = new AirVehicleResource(
                $row->id, $row->name, $vehicle->combination, $vehicle->hasHandValve, $vehicle->isManual,
                $this->begins($vehicle),
            );
        }
        $sequences = [];
        foreach ($used->first(StoredChecklist::inForceOn($user->school_id, $now)) as $row) {
            $sequence = $this->inspections->checklistOf($row)->brakeSequence();
            if ($sequence->steps !== []) {
                $sequences[] = $this->sequence($row, $sequence, $braked);
            }
        }

        return new AirChoicesResource(
            $vehicles,
            $sequences,
            array_map(
                static fn (CabFault $fault): AirFaultResource => new AirFaultResource($fault->value, $fault->label()),
                CabFault::cases(),
            ),
        );
    }

    /** @param  array<int, BrakedVehicle>  $vehicles  by id */
    private function sequence(StoredChecklist $row, Sequence $sequence, array $vehicles): AirSequenceResource
    {
        $limits = array_filter(
            $sequence->rules(new BrakedVehicle()),
            static fn (StepRule $rule): bool => $rule->limits->areSet(),
        );

        return new AirSequenceResource(
            $row->id,
            $row->name,
            $this->steps($sequence),
            $sequence->restarts,
            array_values(
                array_map(
                    static fn (StepRule $rule): AirLimitResource => new AirLimitResource(
                        $rule->test->value,
                        $rule->test->label(),
                    ),
                    $limits,
                ),
            ),
            $this->shows($sequence, $vehicles),
            $this->drills($sequence, $vehicles),
        );
    }

    /**
     * @param  array<int, BrakedVehicle>  $vehicles  by id
     * @return list<AirDrillResource>
     */
    private function drills(Sequence $whole, array $vehicles): array
    {
        $drills = [];
        foreach (CabDrill::cases() as $drill) {
            $part = $drill->of($whole);
            if ($part->steps !== []) {
                $drills[] = new AirDrillResource(
                    $drill->value, $drill->label(), $drill->startPsi(), $this->steps($part),
                    $this->shows($part, $vehicles),
                );
            }
        }

        return $drills;
    }

    /** How the controls stand at the start of each drill, by its id. */
    private function begins(BrakedVehicle $vehicle): object
    {
        $begins = [];
        foreach (CabDrill::cases() as $drill) {
            $begins[$drill->value] = array_map(EventWriter::write(...), $drill->begin($vehicle));
        }

        return (object) $begins;
    }

    /** @return list<string> */
    private function steps(Sequence $sequence): array
    {
        $air = new BrakedVehicle();
        $steps = array_filter($sequence->steps, static fn (StepChoice $step): bool => $air->canBeAsked($step->test));

        return array_map(static fn (StepChoice $step): string => $step->test->label(), array_values($steps));
    }

    /**
     * Ids of the faults that can be found by it, by vehicle.
     *
     * @param  array<int, BrakedVehicle>  $vehicles  by id
     */
    private function shows(Sequence $sequence, array $vehicles): object
    {
        return (object) array_map(
            static fn (BrakedVehicle $vehicle): array => array_column(CabFault::shownBy($sequence, $vehicle), 'value'),
            $vehicles,
        );
    }
}
