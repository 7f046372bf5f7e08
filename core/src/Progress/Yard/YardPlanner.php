<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/**
 * Plans who walks what and when, so that the most students can be expected to pass: the walk that brings most is set
 * first, then walks are exchanged while that brings more. The same week gives the same plan.
 *
 * Greedy choice with exchange: G. Nemhauser, L. Wolsey, M. Fisher, "An analysis of approximations for maximizing
 * submodular set functions", Mathematical Programming 14 (1978).
 */
final readonly class YardPlanner
{
    private const ROUNDS = 6;

    /** Less than this is no gain but rounding. */
    private const LITTLE = 1e-9;

    public function plan(YardWeek $week): YardPlan
    {
        $board = $this->begun($week);
        $this->fill($week, $board);
        for ($round = 0; $round < self::ROUNDS && $this->exchange($week, $board); $round++) {
            $this->fill($week, $board);
        }

        return new YardPlan($week, $board->walks());
    }

    /** Whoever asked first gets the first slot that there is: what a plan is compared with. */
    public function firstCome(YardWeek $week): YardPlan
    {
        $board = $this->begun($week);
        do {
            $isSet = false;
            foreach ($week->learners as $learner) {
                $walk = $this->firstFree($week, $board, $learner);
                if ($walk !== null) {
                    $board->put($walk);
                    $isSet = true;
                }
            }
        } while ($isSet);

        return new YardPlan($week, $board->walks());
    }

    private function begun(YardWeek $week): Board
    {
        $board = new Board($week);
        foreach ($week->fixed as $walk) {
            $board->put($walk);
        }

        return $board;
    }

    private function firstFree(YardWeek $week, Board $board, Learner $learner): ?PlannedWalk
    {
        foreach ($week->slots as $slot) {
            foreach ($week->vehicles as $vehicle) {
                $walk = $this->walk($board, $learner, $slot, $vehicle->id);
                if ($walk !== null) {
                    return $walk;
                }
            }
        }

        return null;
    }

    private function walk(Board $board, Learner $learner, Slot $slot, string $vehicle): ?PlannedWalk
    {
        if ($board->hinders($learner, $slot, $vehicle) !== null) {
            return null;
        }
        $teacher = $board->teacher($slot, $vehicle);

        return $teacher === null ? null : new PlannedWalk($slot->id, $learner->id, $vehicle, $teacher);
    }

    private function fill(YardWeek $week, Board $board): void
    {
        $wanted = new \SplPriorityQueue;
        $serial = PHP_INT_MAX;
        foreach ($week->slots as $slot) {
            foreach ($week->vehicles as $vehicle) {
                if ($board->in($slot->id, $vehicle->id) !== null || $board->teacher($slot, $vehicle->id) === null) {
                    continue;
                }
                foreach ($week->learners as $learner) {
                    if ($learner->canWalk($slot, $vehicle->id)) {
                        $gain = $learner->gainOf($slot, $board->times($learner->id));
                        $wanted->insert([$learner, $slot, $vehicle->id, $gain], [$gain, $serial--]);
                    }
                }
            }
        }
        while (! $wanted->isEmpty()) {
            /** @var array{Learner, Slot, string, float} $next */
            $next = $wanted->extract();
            [$learner, $slot, $vehicle, $gain] = $next;
            $now = $learner->gainOf($slot, $board->times($learner->id));
            if ($now < $gain - self::LITTLE) {
                // Another walk was set meanwhile: it brings less now, and waits until it is its turn.
                if ($now > self::LITTLE) {
                    $wanted->insert([$learner, $slot, $vehicle, $now], [$now, $serial--]);
                }

                continue;
            }
            $walk = $now > self::LITTLE ? $this->walk($board, $learner, $slot, $vehicle) : null;
            if ($walk !== null) {
                $board->put($walk);
            }
        }
    }

    /** Gives a slot to whoever gains more by it where whoever had it finds another. */
    private function exchange(YardWeek $week, Board $board): bool
    {
        $isBetter = false;
        foreach ($board->walks() as $had) {
            if ($had->isFixed || $board->in($had->slot, $had->vehicle) !== $had) {
                continue;
            }
            $slot = $week->slots[$had->slot];
            $loser = $week->learners[$had->student];
            $board->take($had);
            $lost = $loser->gainOf($slot, $board->times($loser->id));
            $best = null;
            foreach ($week->learners as $learner) {
                if ($learner === $loser || $board->hinders($learner, $slot, $had->vehicle) !== null) {
                    continue;
                }
                $gain = $learner->gainOf($slot, $board->times($learner->id));
                if ($best === null || $gain > $best[0] + self::LITTLE) {
                    $best = [$gain, $learner];
                }
            }
            if ($best === null) {
                $board->put($had);

                continue;
            }
            $new = new PlannedWalk($had->slot, $best[1]->id, $had->vehicle, $had->instructor);
            $board->put($new);
            $else = $this->bestElse($week, $board, $loser);
            if ($lost + self::LITTLE < $best[0] + ($else[0] ?? 0.0)) {
                if ($else !== null) {
                    $board->put($else[1]);
                }
                $isBetter = true;

                continue;
            }
            $board->take($new);
            $board->put($had);
        }

        return $isBetter;
    }

    /** @return array{float, PlannedWalk}|null */
    private function bestElse(YardWeek $week, Board $board, Learner $learner): ?array
    {
        $best = null;
        $before = $board->times($learner->id);
        foreach ($week->slots as $slot) {
            $gain = $learner->gainOf($slot, $before);
            if ($best !== null && $gain <= $best[0]) {
                continue;
            }
            foreach ($week->vehicles as $vehicle) {
                $walk = $this->walk($board, $learner, $slot, $vehicle->id);
                if ($walk !== null) {
                    $best = [$gain, $walk];
                    break;
                }
            }
        }

        return $best;
    }
}
