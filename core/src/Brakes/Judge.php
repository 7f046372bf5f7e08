<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** Judges a list of observed events against a sequence: each step with its figures, the order, and the first cause. */
final readonly class Judge
{
    public function __construct(private Sequence $sequence, private bool $combination, private bool $hasHandValve) {}

    /** @param  list<BrakeEvent>  $events  in the order of their times */
    public function judge(array $events): Judgement
    {
        $run = Run::of($events);
        $steps = [];
        $afterMs = 0;
        foreach ($this->sequence->rules($this->combination, $this->hasHandValve) as $rule) {
            $step = $this->withStatedLimit($run, $rule, $this->step($run, $rule, $afterMs));
            $afterMs = max($afterMs, $step->atMs ?? 0);
            $steps[] = $step;
        }
        $steps = $this->inOrder($steps);
        $broken = array_values(array_filter($steps, static fn (StepVerdict $step): bool => $step->outcome === Outcome::Broken));
        usort($broken, static fn (StepVerdict $a, StepVerdict $b): int => $a->atMs <=> $b->atMs);
        $tooOften = $run->restarts > $this->sequence->restarts;
        $open = array_filter($steps, static fn (StepVerdict $step): bool => $step->outcome !== Outcome::Met) !== [];

        return new Judgement($steps, $broken !== [] || $tooOften ? 'failed' : ($open ? 'open' : 'passed'), $broken[0] ?? null, $run->restarts, $this->sequence->restarts);
    }

    private function step(Run $run, StepRule $rule, int $afterMs): StepVerdict
    {
        return match ($rule->test) {
            BrakeTest::CutOut => (new SupplyJudge)->cutOut($run, $rule),
            BrakeTest::CutIn => (new SupplyJudge)->cutIn($run, $rule),
            BrakeTest::BuildUp => (new SupplyJudge)->buildUp($run, $rule, $afterMs),
            BrakeTest::LeakApplied, BrakeTest::LeakReleased => (new LeakJudge($this->combination))->judge($run, $rule),
            BrakeTest::LowAir => (new FanJudge($this->combination))->warning($run, $rule),
            BrakeTest::SpringPop => (new FanJudge($this->combination))->pop($run, $rule),
            BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand => (new MoveJudge($this->combination))->tug($run, $rule),
            BrakeTest::Service => (new MoveJudge($this->combination))->service($run, $rule),
        };
    }

    /** A right test with a wrong limit stated is a wrong step. */
    private function withStatedLimit(Run $run, StepRule $rule, StepVerdict $verdict): StepVerdict
    {
        $stated = $run->statedLimit($rule->test);
        if ($verdict->outcome !== Outcome::Met || $stated === null || $stated === $rule->low || $stated === $rule->high) {
            return $verdict;
        }

        return $verdict->outOfOrder(sprintf('said %s as the limit, it is %s', Plain::of($stated), implode(' to ', array_map(Plain::of(...), array_filter([$rule->low, $rule->high], static fn (?float $limit): bool => $limit !== null)))));
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
                $steps[$n] = $step->outOfOrder(sprintf('out of order: %s came before %s', $step->test->label(), $latest->test->label()));
            }
            $latest = $latest === null || $step->atMs > (int) $latest->atMs ? $step : $latest;
        }

        return $steps;
    }
}
