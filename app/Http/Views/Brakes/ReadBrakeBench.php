<?php

declare(strict_types=1);

namespace App\Http\Views\Brakes;

use App\Http\Resources\Brakes\BrakeBenchResource;
use App\Http\Resources\Brakes\BrakeStepResource;
use App\Library\BenchLogStore;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Brakes\Events\BenchLog;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Checklist\Rules\BrakeWeight;
use Pasada\Core\Scoring\BenchMarks;

/** What was observed of the brake tests of an attempt, and what it is worth. */
final readonly class ReadBrakeBench
{
    public function __construct(
        private InspectionLibrary $inspections,
        private BenchLogStore $store,
        private MarkStore $marks,
    ) {}

    public function handle(Attempt $attempt, ?BenchLog $log = null): BrakeBenchResource
    {
        $log ??= $this->store->read($attempt->id);
        $inspection = $this->inspections->forAttempt($attempt);
        $rules = $inspection->checklist->rules;
        $vehicle = BrakedVehicle::of($inspection->vehicle);
        $judgment = (new Judge($inspection->checklist->brakeSequence(), $vehicle))->judge(
            $log->events(),
            $this->restartsElsewhere($attempt, $log),
        );
        $written = static fn (BenchEntry $entry): object => (object) $entry->write();

        return new BrakeBenchResource(
            BrakeStepResource::all($judgment, $inspection->checklist->brakeSequence(), $vehicle, $inspection, $log),
            $judgment->standing,
            $judgment->causeTold(),
            $judgment->restarts,
            $judgment->restartsAllowed,
            $rules->brakes?->weight === BrakeWeight::Critical,
            $vehicle->combination,
            $vehicle->hasHandValve && $vehicle->hasValves(),
            $vehicle->hasValves(),
            $vehicle->system->hasAir(),
            array_map($written, $log->inForce()),
            array_map($written, $log->takenBack()),
            array_map(
                static fn (array $mark): object => (object) $mark,
                BenchMarks::ofChocks($log->events(), $inspection),
            ),
        );
    }

    /** How often the tests were begun again on the scoring screen and not here. */
    private function restartsElsewhere(Attempt $attempt, BenchLog $log): int
    {
        $here = array_filter(
            $log->inForce(),
            static fn (BenchEntry $entry): bool => $entry->event?->kind === EventKind::Restarted,
        );
        $ids = array_map(static fn (BenchEntry $entry): string => $entry->id, $here);
        $elsewhere = 0;
        foreach ($this->marks->read($attempt->id)[0]->inForce() as $mark) {
            $elsewhere += $mark->kind === MarkKind::Restarted && ! in_array($mark->id, $ids, true) ? 1 : 0;
        }

        return $elsewhere;
    }
}
