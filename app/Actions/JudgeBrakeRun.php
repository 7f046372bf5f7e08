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
use Pasada\Core\Brakes\Judge;
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
     * @throws DocumentHasFaults if they are more than a bench keeps; what was kept stays
     */
    public function import(Attempt $attempt, array $events, string $name): BrakeBenchResource
    {
        $run = BrakeRun::of($attempt);
        $takenBack = [...$run->takenBack(), ...$run->observed()];
        if (count($events) > BrakeRunRequest::MOST) {
            throw DocumentHasFaults::in($name, [Fault::at('', sprintf('holds %d events, a bench keeps %d; leave out samples of the trace, one in five seconds is enough', count($events), BrakeRunRequest::MOST))]);
        }
        if (count($takenBack) > BrakeRunRequest::MOST_TAKEN_BACK) {
            throw DocumentHasFaults::in($name, [Fault::at('', sprintf('finds the bench with %d things taken back already, and it keeps %d; save it as a file, and judge this list with pasada:brakes', count($run->taken_back), BrakeRunRequest::MOST_TAKEN_BACK))]);
        }
        usort($takenBack, static fn (BrakeEvent $a, BrakeEvent $b): int => $a->atMs <=> $b->atMs);

        return $this->keep($attempt, $run, $events, $takenBack);
    }

    /**
     * @param  array{events: mixed, taken_back: mixed}  $document  as it was sent
     *
     * @throws DocumentHasFaults if an event is at fault; what was kept stays
     */
    public function handle(Attempt $attempt, array $document): BrakeBenchResource
    {
        return $this->keep(
            $attempt, BrakeRun::of($attempt),
            (new EventReader)->read((string) json_encode(['events' => $document['events']])),
            (new EventReader)->read((string) json_encode(['events' => $document['taken_back']]), 'taken_back', asRun: false),
        );
    }

    public function show(Attempt $attempt): BrakeBenchResource
    {
        $run = BrakeRun::of($attempt);

        return $this->judged($attempt, $run, $run->observed());
    }

    /**
     * @param  list<BrakeEvent>  $events
     * @param  list<BrakeEvent>  $takenBack
     */
    private function keep(Attempt $attempt, BrakeRun $run, array $events, array $takenBack): BrakeBenchResource
    {
        $run->hold($events, $takenBack)->save();

        return $this->judged($attempt, $run, $events);
    }

    /** @param  list<BrakeEvent>  $events */
    private function judged(Attempt $attempt, BrakeRun $run, array $events): BrakeBenchResource
    {
        $inspection = $this->inspections->forAttempt($attempt);
        $rules = $inspection->checklist->rules;
        $vehicle = BrakedVehicle::of($inspection->vehicle);
        $judgement = (new Judge($rules->brakeSequence(), $vehicle))->judge($events);

        return new BrakeBenchResource(
            BrakeStepResource::all($judgement, $rules->brakeSequence(), $vehicle, $inspection), $judgement->standing, $judgement->causeTold(),
            $judgement->restarts, $judgement->restartsAllowed, $rules->brakes !== null && $rules->brakes->critical, $vehicle->combination, $vehicle->hasHandValve,
            array_map(static fn (array $event): object => (object) $event, $run->events), array_map(static fn (array $event): object => (object) $event, $run->taken_back),
        );
    }
}
