<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** Judges a list of observed events against a sequence: each step with its figures, the order, and the first cause. */
final readonly class Judge
{
    public function __construct(private Sequence $sequence, private BrakedVehicle $vehicle) {}

    /**
     * @param  list<BrakeEvent>  $events  in the order of their times
     * @param  int  $restartsElsewhere  how often the tests were begun again without an event of it
     */
    public function judge(array $events, int $restartsElsewhere = 0): Judgement
    {
        $run = Run::of($events, $this->vehicle->combination);
        $steps = [];
        $afterMs = 0;
        foreach ($this->sequence->rules($this->vehicle) as $rule) {
            $step = $this->withStatedLimit($run, $rule, $this->step($run, $rule, $afterMs));
            $afterMs = max($afterMs, $step->atMs ?? 0);
            $steps[] = $step;
        }
        $steps = $this->inOrder($steps);
        $broken = array_values(array_filter($steps, static fn (StepVerdict $step): bool => $step->outcome === Outcome::Broken));
        usort($broken, static fn (StepVerdict $a, StepVerdict $b): int => $a->atMs <=> $b->atMs);
        $restarts = $run->restarts + $restartsElsewhere;
        $tooOften = $restarts > $this->sequence->restarts;
        $open = $steps === [] || array_filter($steps, static fn (StepVerdict $step): bool => $step->outcome !== Outcome::Met) !== [];

        return new Judgement($steps, $broken !== [] || $tooOften ? 'failed' : ($open ? 'open' : 'passed'), $broken[0] ?? null, $restarts, $this->sequence->restarts);
    }

    private function step(Run $run, StepRule $rule, int $afterMs): StepVerdict
    {
        return match ($rule->test) {
            BrakeTest::CutOut => (new SupplyJudge($this->vehicle))->cutOut($run, $rule),
            BrakeTest::CutIn => (new SupplyJudge($this->vehicle))->cutIn($run, $rule),
            BrakeTest::BuildUp => (new SupplyJudge($this->vehicle))->buildUp($run, $rule, $afterMs),
            BrakeTest::LeakApplied, BrakeTest::LeakReleased => (new LeakJudge($this->vehicle->combination))->judge($run, $rule),
            BrakeTest::LowAir => (new FanJudge($this->vehicle->combination))->warning($run, $rule),
            BrakeTest::SpringPop => (new FanJudge($this->vehicle->combination))->pop($run, $rule),
            BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand => (new MoveJudge($this->vehicle->combination))->tug($run, $rule),
            BrakeTest::Service => (new MoveJudge($this->vehicle->combination))->service($run, $rule),
        };
    }

    /** A right test with a wrong limit stated is a wrong step, and so is one without, where the limit has to be said. */
    private function withStatedLimit(Run $run, StepRule $rule, StepVerdict $verdict): StepVerdict
    {
        $limits = array_filter([$rule->low, $rule->high], static fn (?float $limit): bool => $limit !== null);
        $stated = $run->statedLimits($rule->test);
        if ($verdict->outcome !== Outcome::Met || $limits === []) {
            return $verdict;
        }
        if ($stated === [] && in_array(Spoken::Limit, $rule->say, true)) {
            return $verdict->brokenBy('did not say '.Spoken::Limit->label());
        }
        $wrong = array_diff($stated, $limits);
        if ($wrong === []) {
            return $verdict;
        }

        return $verdict->brokenBy(sprintf('said %s as the limit, it is %s', Plain::of(reset($wrong)), implode(' to ', array_map(Plain::of(...), $limits))));
    }

    /**
     * @param  list<StepVerdict>  $steps
     * @return list<StepVerdict>
     */
    private function inOrder(array $steps): array
    {
        $latest = null;
        foreach ($steps as $n => $step) {
            if ($step->atMs === null) {
                continue;
            }
            if ($latest !== null && $step->atMs < (int) $latest->atMs && $step->outcome !== Outcome::Broken) {
                $steps[$n] = $step->brokenBy(sprintf('out of order: %s came before %s', $step->test->label(), $latest->test->label()));
            }
            $latest = $latest === null || $step->atMs > (int) $latest->atMs ? $step : $latest;
        }

        return $steps;
    }
}
