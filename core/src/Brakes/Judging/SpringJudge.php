<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StepRule;

/** The spring brakes: the valves come out by themselves. They are fed by the higher reservoir, so the higher gauge tells at which pressure. */
final readonly class SpringJudge
{
    public function __construct(private bool $combination) {}

    /** @param  int  $afterMs  when the step before it began */
    public function judge(Run $run, StepRule $rule, int $afterMs): StepVerdict
    {
        [$popped, $first, $wrong] = $this->popped($run, $rule, $afterMs);
        $byHand = $this->byHand($run, $afterMs, $popped);
        if ($byHand !== null) {
            return StepVerdict::broken($rule->test, ...$byHand);
        }
        if ($first === null) {
            return $this->stillIn($run, $rule);
        }
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $first, $wrong);
        }
        $figures = [];
        foreach ($this->valves() as $valve) {
            if (! isset($popped[$valve])) {
                return StepVerdict::notYet($rule->test, $first, sprintf('the %s valve is still in', $valve), sprintf('the %s valve never came out', $valve));
            }
            $at = $run->pressureAt($popped[$valve]);
            if ($at === null) {
                return StepVerdict::notJudged($rule->test, $first, sprintf('what did the gauges show when the %s valve came out?', $valve));
            }
            $figures[$valve.'_psi'] = round($at->higher(), 1);
            if (! $rule->isRight($at->higher())) {
                return StepVerdict::failed($rule->test, $first, sprintf('the %s valve came out at %s psi, %s asked', $valve, ShortNumber::of($at->higher()), $rule->asked()), $figures);
            }
        }
        if ($this->combination && $popped['tractor'] < $popped['trailer']) {
            return StepVerdict::failed($rule->test, $first, 'the tractor valve came out first; the trailer\'s has to come first or together with it', $figures);
        }

        return StepVerdict::met($rule->test, $first, 'came out at '.implode(' and ', array_map(static fn (string $valve): string => ShortNumber::of($figures[$valve.'_psi'] ?? 0.0).' psi ('.$valve.')', $this->valves())), $figures);
    }

    /** @return non-empty-list<string> valves that are asked, in the order in which they should come out */
    private function valves(): array
    {
        return $this->combination ? ['trailer', 'tractor'] : ['tractor'];
    }

    /** @return array{array<string, int>, int|null, string|null} when each valve came out, the first of them, and what was wrong then */
    private function popped(Run $run, StepRule $rule, int $afterMs): array
    {
        $popped = [];
        $wrong = null;
        foreach ($run->fannedDown(EventKind::Popped, $afterMs) as $n => $event) {
            $wrong ??= $run->wrongAt($n, $rule);
            foreach ($event->to === 'both' ? ['tractor', 'trailer'] : [$event->to] as $valve) {
                $popped[$valve] ??= $event->atMs;
            }
        }
        $asked = array_intersect_key($popped, array_flip($this->valves()));

        return [$popped, $asked === [] ? null : min($asked), $wrong];
    }

    private function stillIn(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Reading) as $n => $event) {
            $higher = max((float) $event->primary, (float) $event->secondary);
            if ($higher < (float) $rule->low && ! $run->situationAt($n)->engine && $run->situationAt($n)->tractorIn) {
                return StepVerdict::failed($rule->test, $event->atMs, sprintf('no valve came out down to %s psi, %s asked', ShortNumber::of($higher), $rule->asked()), ['psi' => $higher]);
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    /**
     * A hand on a valve while pressure is fanned down: pulled before it came out, or pushed back after it did.
     *
     * @param  array<string, int>  $popped
     * @return array{int, string}|null when, and what
     */
    private function byHand(Run $run, int $afterMs, array $popped): ?array
    {
        $last = count(array_intersect_key($popped, array_flip($this->valves()))) === count($this->valves()) ? max([0, ...array_values($popped)]) : PHP_INT_MAX;
        foreach ($run->events as $n => $event) {
            $valve = match ($event->kind) {
                EventKind::TractorValve => 'tractor', EventKind::TrailerValve => 'trailer', default => null
            };
            $before = $run->situationAt($n);
            if ($valve === null || $event->atMs < $afterMs || $before->engine || $run->isInMinute($n)) {
                continue;
            }
            $wasIn = $valve === 'tractor' ? $before->tractorIn : $before->trailerIn;
            $cameOut = $popped[$valve] ?? PHP_INT_MAX;
            if ($event->to === 'out' && $wasIn && $event->atMs <= $last && $run->wasRunningBefore($n)) {
                return [$event->atMs, sprintf('the %s valve was pulled by hand; it has to come out by itself', $valve)];
            }
            if ($event->to === 'in' && $event->atMs >= $cameOut) {
                return [$event->atMs, sprintf('the %s valve was pushed back in after it had come out', $valve)];
            }
        }

        return null;
    }
}
