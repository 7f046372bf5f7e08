<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\BrakeBenchResource;
use App\Http\Resources\BrakeStepResource;
use App\Library\InspectionLibrary;
use App\Models\Attempt;
use App\Models\BrakeRun;
use Pasada\Core\Brakes\BenchMarks;
use Pasada\Core\Brakes\EventReader;
use Pasada\Core\Brakes\EventWriter;
use Pasada\Core\Brakes\Judge;
use Pasada\Core\Brakes\Needs;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\StepVerdict;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Vehicle\Feature;

/** Keeps what was observed of the brake tests of an attempt, and judges it. */
final readonly class JudgeBrakeRun
{
    public function __construct(private InspectionLibrary $inspections) {}

    /**
     * @param  array<mixed>|null  $document  `{"events": [...], "taken_back": [...]}`; null reads what is kept
     *
     * @throws DocumentHasFaults if an event is at fault; what was kept stays
     */
    public function handle(Attempt $attempt, ?array $document = null): BrakeBenchResource
    {
        $run = BrakeRun::query()->find($attempt->id) ?? new BrakeRun(['attempt_id' => $attempt->id, 'events' => [], 'taken_back' => []]);
        $events = (new EventReader)->read((string) json_encode(['events' => $document['events'] ?? $run->events]));
        if ($document !== null) {
            $takenBack = (new EventReader)->read((string) json_encode(['events' => $document['taken_back'] ?? []]), 'taken_back', asRun: false);
            $run->fill(['events' => array_map(EventWriter::write(...), $events), 'taken_back' => array_map(EventWriter::write(...), $takenBack)])->save();
        }
        $inspection = $this->inspections->forAttempt($attempt);
        $brakes = $inspection->checklist->rules->brakes;
        $combination = $inspection->vehicle->hasTrailer();
        $hasHandValve = $inspection->vehicle->features->has(Feature::HandValve);
        $sequence = $brakes?->sequence();
        $judgement = $sequence === null ? null : (new Judge($sequence, $combination, $hasHandValve))->judge($events);
        $rules = $sequence === null ? [] : $sequence->rules($combination, $hasHandValve);

        return new BrakeBenchResource(
            array_map(static fn (StepVerdict $step, StepRule $rule): BrakeStepResource => new BrakeStepResource(
                $step->test->value, $step->test->label(), $step->outcome->value, $step->what, Needs::of($rule, $combination), $rule->low, $rule->high,
                array_map(static fn (array $mark): object => (object) $mark, BenchMarks::of($step, $inspection)),
            ), $judgement === null ? [] : $judgement->steps, $rules),
            $judgement === null ? 'open' : $judgement->standing,
            $judgement?->cause === null ? null : $judgement->cause->test->label().': '.$judgement->cause->what,
            $judgement === null ? 0 : $judgement->restarts, $judgement === null ? 0 : $judgement->restartsAllowed, $brakes !== null && $brakes->critical, $combination, $hasHandValve,
            array_map(static fn (array $event): object => (object) $event, $run->events), array_map(static fn (array $event): object => (object) $event, $run->taken_back),
        );
    }
}
