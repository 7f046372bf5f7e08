<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** What comes with fanning the pressure down: the low-air warning and the spring brakes. */
final readonly class FanJudge
{
    /** More than the gauges of a standing truck waver. */
    private const FALLEN_PSI = 3.0;

    public function __construct(private bool $combination) {}

    public function warning(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Warning) as $n => $event) {
            $at = $run->pressureAt($event->atMs);
            if ($at === null) {
                return StepVerdict::broken($rule->test, $event->atMs, 'no reading was taken when the warning came');
            }
            if (! $this->isComingDown($run, $event->atMs, $at->lower())) {
                continue;
            }
            $wrong = $run->wrongAt($n, $rule);
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            $figures = ['psi' => round($at->lower(), 1), 'least_psi' => (float) $rule->low];
            $what = sprintf('the warning came at %s psi, at or above %s asked', Plain::of($at->lower()), Plain::of((float) $rule->low));

            return $at->lower() >= (float) $rule->low ? StepVerdict::met($rule->test, $event->atMs, $what, $figures) : StepVerdict::broken($rule->test, $event->atMs, $what, $figures);
        }
        foreach ($run->all(EventKind::Reading) as $n => $event) {
            $lower = min((float) $event->primary, (float) $event->secondary);
            if ($lower < (float) $rule->low && ! $run->situationAt($n)->engine) {
                return StepVerdict::broken($rule->test, $event->atMs, $run->situationAt($n)->key
                    ? sprintf('no warning down to %s psi, at or above %s asked', Plain::of($lower), Plain::of((float) $rule->low))
                    : 'the key was off, so no warning could come', ['psi' => $lower, 'least_psi' => (float) $rule->low]);
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    /** With the key turned on low air the warning comes too, and is no test: pressure has to have been higher. */
    private function isComingDown(Run $run, int $atMs, float $psi): bool
    {
        $before = array_filter($run->all(EventKind::Reading), static fn (BrakeEvent $reading): bool => $reading->atMs < $atMs);

        return $before === [] || max(array_map(static fn (BrakeEvent $reading): float => min((float) $reading->primary, (float) $reading->secondary), $before)) >= $psi + self::FALLEN_PSI;
    }

    public function pop(Run $run, StepRule $rule): StepVerdict
    {
        $byHand = $this->pushedByHand($run, $rule);
        if ($byHand !== null) {
            return StepVerdict::broken($rule->test, $byHand, 'a valve was pulled by hand; it has to come out by itself');
        }
        $popped = ['tractor' => null, 'trailer' => null];
        $wrong = null;
        foreach ($run->all(EventKind::Popped) as $n => $event) {
            $wrong ??= $run->wrongAt($n, $rule);
            foreach ($event->to === 'both' ? ['tractor', 'trailer'] : [$event->to] as $valve) {
                $popped[$valve] ??= $event->atMs;
            }
        }
        $asked = $this->combination ? ['trailer', 'tractor'] : ['tractor'];
        $first = min(array_map(static fn (string $valve): int => $popped[$valve] ?? PHP_INT_MAX, $asked));
        if ($first === PHP_INT_MAX) {
            return $this->stillIn($run, $rule);
        }
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $first, $wrong);
        }
        $figures = [];
        foreach ($asked as $valve) {
            $at = $popped[$valve] === null ? null : $run->pressureAt($popped[$valve]);
            if ($popped[$valve] === null || $at === null) {
                return StepVerdict::notYet($rule->test, $first, $popped[$valve] === null ? sprintf('the %s valve is still in', $valve) : 'no reading was taken when a valve came out');
            }
            $figures[$valve.'_psi'] = round($at->lower(), 1);
            if ($at->lower() < (float) $rule->low || $at->lower() > (float) $rule->high) {
                return StepVerdict::broken($rule->test, $first, sprintf('the %s valve came out at %s psi, between %s and %s asked', $valve, Plain::of($at->lower()), Plain::of((float) $rule->low), Plain::of((float) $rule->high)), $figures);
            }
        }
        if ($this->combination && $popped['tractor'] < $popped['trailer']) {
            return StepVerdict::broken($rule->test, $first, 'the tractor valve came out first; the trailer\'s has to come first or together with it', $figures);
        }

        return StepVerdict::met($rule->test, $first, 'came out at '.implode(' and ', array_map(static fn (string $valve): string => Plain::of($figures[$valve.'_psi'] ?? 0.0).' psi ('.$valve.')', $asked)), $figures);
    }

    private function stillIn(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Reading) as $n => $event) {
            $lower = min((float) $event->primary, (float) $event->secondary);
            if ($lower < (float) $rule->low && ! $run->situationAt($n)->engine && $run->situationAt($n)->tractorIn) {
                return StepVerdict::broken($rule->test, $event->atMs, sprintf('no valve came out down to %s psi, between %s and %s asked', Plain::of($lower), Plain::of((float) $rule->low), Plain::of((float) $rule->high)), ['psi' => $lower]);
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    /** While fanned down to where they should come out; later a valve is pulled for the tugs. */
    private function pushedByHand(Run $run, StepRule $rule): ?int
    {
        foreach ($run->events as $n => $event) {
            if (! in_array($event->kind, [EventKind::TractorValve, EventKind::TrailerValve], true) || $event->to !== 'out' || $run->situationAt($n)->engine) {
                continue;
            }
            $at = $run->pressureAt($event->atMs);
            if ($at !== null && $at->lower() <= (float) $rule->high + 15) {
                return $event->atMs;
            }
        }

        return null;
    }
}
