<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepRule;

/** Judges a list of observed events against a sequence: each step with its figures, the order, and the first cause. */
final readonly class Judge
{
    public function __construct(private Sequence $sequence, private BrakedVehicle $vehicle) {}

    /**
     * @param  list<BrakeEvent>  $events  in the order of their times
     * @param  int  $restartsElsewhere  how often the tests were begun again without an event of it
     */
    public function judge(array $events, int $restartsElsewhere = 0): Judgment
    {
        $run = Run::of($events, $this->vehicle->combination);
        $steps = $this->inOrder($this->steps($run, $events));
        $lost = array_values(array_filter($steps, static fn (StepVerdict $step): bool => $step->isLost()));
        $restarts = $run->restarts + $restartsElsewhere;
        $tooOften = $restarts > $this->sequence->restarts;
        $open =
            $steps === [] ||
            array_filter($steps, static fn (StepVerdict $step): bool => $step->outcome !== Outcome::Met) !== [];

        return new Judgment(
            $steps,
            match (true) {
                $lost !== [] || $tooOften => Standing::Failed,
                $open => Standing::Open,
                default => Standing::Passed,
            },
            $this->first($lost, $steps),
            $restarts,
            $this->sequence->restarts,
            $tooOften ? $this->restartedAt($events) : null,
        );
    }

    /**
     * @param  list<BrakeEvent>  $events
     * @return list<StepVerdict>
     */
    private function steps(Run $run, array $events): array
    {
        $steps = [];
        $afterMs = null;
        // What comes before the step from which it is begun again stands as it was.
        $isKept = $this->sequence->restartFrom !== null && $run->restarts > 0;
        $whole = $isKept
            ? Run::of(
                array_values(
                    array_filter($events, static fn (BrakeEvent $event): bool => $event->kind !== EventKind::Restarted),
                ),
                $this->vehicle->combination,
            )
            : $run;
        foreach ($this->sequence->rules($this->vehicle) as $n => $rule) {
            $isKept = $isKept && $rule->test !== $this->sequence->restartFrom;
            $of = $isKept ? $whole : $run;
            $step = $this->withStatedLimit(
                $of,
                $rule,
                $rule->test->procedure()->judge($of, $rule, $this->vehicle, $n === 0 ? 0 : $afterMs),
            );
            $afterMs = $step->atMs === null ? $afterMs : max($afterMs ?? 0, $step->atMs);
            $steps[] = $step;
        }

        return $steps;
    }

    /**
     * A right test with a wrong limit stated is a wrong step; one without, where the limit has to be said, waits for
     * it.
     */
    private function withStatedLimit(Run $run, StepRule $rule, StepVerdict $verdict): StepVerdict
    {
        if (
            ! $rule->limits->areSet() ||
            ($verdict->outcome !== Outcome::Met && ! ($verdict->outcome === Outcome::Broken && $verdict->isOfVehicle))
        ) {
            return $verdict;
        }
        $wrong = array_values(
            array_filter(
                $run->said->limits($rule->test),
                static fn (float $stated): bool => ! $rule->acceptsStated($stated),
            ),
        );
        if ($wrong !== []) {
            return $verdict->brokenBy(
                sprintf('said %s as the limit, it is %s', ShortNumber::of($wrong[0]), $rule->limits->label()),
            );
        }

        return $verdict->outcome === Outcome::Met &&
            $rule->mustSay(Spoken::Limit) &&
            ! $run->said->statesLimit($rule->test)
            ? $verdict->stillToSay(Spoken::Limit)
            : $verdict;
    }

    /**
     * A step that comes before one it has to follow is broken; one that another has overtaken can no longer be done in
     * order.
     *
     * @param  list<StepVerdict>  $steps
     * @return list<StepVerdict>
     */
    private function inOrder(array $steps): array
    {
        $latest = null;
        foreach ($steps as $n => $step) {
            if ($step->atMs !== null) {
                if ($latest !== null && $step->atMs < (int) $latest->atMs && $step->outcome !== Outcome::Broken) {
                    $steps[$n] = $step->brokenBy(
                        sprintf('out of order: %s came before %s', $step->test->label(), $latest->test->label()),
                    );
                }
                $latest = $latest === null || $step->atMs > (int) $latest->atMs ? $step : $latest;
            }
        }
        foreach ($steps as $n => $step) {
            $next = array_values(
                array_filter(
                    array_slice($steps, $n + 1),
                    static fn (StepVerdict $later): bool => $later->atMs !== null && $later->atMs > ($step->atMs ?? -1),
                ),
            );
            $steps[$n] = $next === [] ? $step : $step->leftFor($next[0]->test);
        }

        return $steps;
    }

    /**
     * What broke first; a skipped step was lost when the step after it began.
     *
     * @param  list<StepVerdict>  $lost
     * @param  list<StepVerdict>  $steps
     */
    private function first(array $lost, array $steps): ?StepVerdict
    {
        $at = static function (StepVerdict $step) use ($steps): int {
            if ($step->atMs !== null) {
                return $step->atMs;
            }
            $later = array_slice($steps, (int) array_search($step, $steps, true) + 1);

            return min([
                PHP_INT_MAX,
                ...array_filter(array_map(static fn (StepVerdict $one): ?int => $one->atMs, $later), is_int(...)),
            ]);
        };
        usort($lost, static fn (StepVerdict $a, StepVerdict $b): int => $at($a) <=> $at($b));

        return $lost[0] ?? null;
    }

    /**
     * The step that was at hand when it was begun again once too often.
     *
     * @param  list<BrakeEvent>  $events
     */
    private function restartedAt(array $events): ?BrakeTest
    {
        $restarts = array_keys(
            array_filter($events, static fn (BrakeEvent $event): bool => $event->kind === EventKind::Restarted),
        );
        $last = $restarts[$this->sequence->restarts] ?? null;
        if ($last === null) {
            return null;
        }
        $before = array_slice($events, 0, $last);
        foreach ($this->steps(Run::of($before, $this->vehicle->combination), $before) as $step) {
            if ($step->outcome !== Outcome::Met) {
                return $step->test;
            }
        }

        return null;
    }
}
