<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\BrakeRunRequest;
use App\Http\Resources\BrakeBenchResource;
use App\Http\Resources\BrakeStepResource;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use App\Models\BrakeRun;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeEvent;
use Pasada\Core\Brakes\EventReader;
use Pasada\Core\Brakes\EventWriter;
use Pasada\Core\Brakes\Judge;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** Keeps what was observed of the brake tests of an attempt, and judges it. */
final readonly class JudgeBrakeRun
{
    public function __construct(private InspectionLibrary $inspections) {}

    /**
     * Takes in what was observed elsewhere; what was there is taken back and stays readable.
     *
     * @param  list<BrakeEvent>  $events
     *
     * @throws DocumentHasFaults if they are more than a bench keeps
     */
    public function import(Attempt $attempt, array $events, string $name): BrakeBenchResource
    {
        if (count($events) > BrakeRunRequest::MOST) {
            throw DocumentHasFaults::in($name, [Fault::at('', sprintf('holds %d events, a bench keeps %d; leave out samples of the trace, one in five seconds is enough', count($events), BrakeRunRequest::MOST))]);
        }
        $run = BrakeRun::of($attempt);
        $takenBack = collect([...$run->taken_back, ...$run->events])->sortBy('at_ms')->take(-BrakeRunRequest::MOST)->values()->all();

        return $this->handle($attempt, ['events' => array_map(EventWriter::write(...), $events), 'taken_back' => $takenBack]);
    }

    /**
     * @param  array<mixed>|null  $document  `{"events": [...], "taken_back": [...]}`; null reads what is kept
     *
     * @throws DocumentHasFaults if an event is at fault; what was kept stays
     */
    public function handle(Attempt $attempt, ?array $document = null): BrakeBenchResource
    {
        $run = BrakeRun::of($attempt);
        $events = (new EventReader)->read((string) json_encode(['events' => $document['events'] ?? $run->events]));
        if ($document !== null) {
            $takenBack = (new EventReader)->read((string) json_encode(['events' => $document['taken_back'] ?? []]), 'taken_back', asRun: false);
            $run->fill(['events' => array_map(EventWriter::write(...), $events), 'taken_back' => array_map(EventWriter::write(...), $takenBack)])->save();
        }
        $inspection = $this->inspections->forAttempt($attempt);
        $brakes = $inspection->checklist->rules->brakes;
        $vehicle = BrakedVehicle::of($inspection->vehicle);
        $sequence = $brakes === null ? new Sequence([], 0) : $brakes->sequence();
        $judgement = (new Judge($sequence, $vehicle))->judge($events);

        return new BrakeBenchResource(
            BrakeStepResource::all($judgement, $sequence, $vehicle, $inspection), $judgement->standing, $judgement->causeTold(),
            $judgement->restarts, $judgement->restartsAllowed, $brakes !== null && $brakes->critical, $vehicle->combination, $vehicle->hasHandValve,
            array_map(static fn (array $event): object => (object) $event, $run->events), array_map(static fn (array $event): object => (object) $event, $run->taken_back),
        );
    }
}
