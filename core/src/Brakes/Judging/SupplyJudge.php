<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StepRule;

/** Governor and compressor: where they cut out and in, and how fast pressure builds. */
final readonly class SupplyJudge
{
    /** A governor that has not cut in so far below where it should will not. */
    private const WELL_BELOW_PSI = 5.0;

    public function __construct(private BrakedVehicle $vehicle) {}

    /** @param  int|null  $afterMs  when the step before it began; null where none did, and what the system does by itself is no test yet */
    public function cutOut(Run $run, StepRule $rule, ?int $afterMs): StepVerdict
    {
        [$n, $event] = $this->firstAfter($run, EventKind::CutOut, $afterMs);
        if ($event === null) {
            return StepVerdict::notDone($rule->test);
        }
        $at = $run->pressureAt($event->atMs);
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $event->atMs, $wrong);
        }

        return $at === null
            ? StepVerdict::notJudged($rule->test, $event->atMs, 'what did the gauges show when the dryer purged?')
            : $this->within($rule, $event->atMs, $at->lower(), 'cut out at %s psi, %s asked');
    }

    /** @param  int|null  $afterMs  likewise */
    public function cutIn(Run $run, StepRule $rule, ?int $afterMs): StepVerdict
    {
        [$n, $event] = $this->firstAfter($run, EventKind::CutIn, $afterMs);
        if ($event === null) {
            return $this->neverCutIn($run, $rule, $afterMs);
        }
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $event->atMs, $wrong);
        }
        $at = $run->pressureAt($event->atMs);
        if ($at === null) {
            return StepVerdict::notJudged($rule->test, $event->atMs, 'what did the gauges show when the needles rose again?');
        }
        if ($rule->isAbsolute) {
            return $this->within($rule, $event->atMs, $at->lower(), 'cut in at %s psi, %s asked');
        }
        $outs = array_values(array_filter($run->all(EventKind::CutOut), static fn (BrakeEvent $out): bool => $out->atMs <= $event->atMs));
        $out = $outs === [] ? null : $run->pressureAt($outs[count($outs) - 1]->atMs);
        if ($out === null) {
            return StepVerdict::notJudged($rule->test, $event->atMs, 'at what pressure did the governor cut out before?');
        }
        $least = $this->vehicle->leastCutInPsi();
        if ($at->lower() < $least) {
            return StepVerdict::failed($rule->test, $event->atMs, sprintf('cut in at %s psi, not under %s asked', ShortNumber::of($at->lower()), ShortNumber::of($least)), ['psi' => $at->lower()]);
        }

        return $this->within($rule, $event->atMs, $out->lower() - $at->lower(), 'cut in %s psi below cut-out, %s asked');
    }

    /** Fanned down with the engine running well below where it should have cut in. */
    private function neverCutIn(Run $run, StepRule $rule, ?int $afterMs): StepVerdict
    {
        $least = ($rule->isAbsolute ? $rule->low : null) ?? $this->vehicle->leastCutInPsi();
        [, $out] = $this->firstAfter($run, EventKind::CutOut, 0);
        if ($out === null || $afterMs === null) {
            return StepVerdict::notDone($rule->test);
        }
        foreach ($run->all(EventKind::Reading) as $n => $event) {
            $lower = min((float) $event->primary, (float) $event->secondary);
            if ($event->atMs > max($out->atMs, $afterMs) && $run->situationAt($n)->engine && $lower < $least - self::WELL_BELOW_PSI) {
                return StepVerdict::failed($rule->test, $event->atMs, sprintf('did not cut in down to %s psi, not under %s asked', ShortNumber::of($lower), ShortNumber::of($least)), ['psi' => $lower]);
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    /** @param  int|null  $afterMs  likewise: pressure builds more than once, and the one that follows is meant */
    public function buildUp(Run $run, StepRule $rule, ?int $afterMs): StepVerdict
    {
        [$low, $high] = $rule->buildPsi;
        $from = $afterMs === null ? null : $this->crossing($run, $low, $afterMs);
        if ($from === null) {
            return StepVerdict::notDone($rule->test);
        }
        $to = $this->crossing($run, $high, $from[1]);
        [$n, $fromMs] = $from;
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $fromMs, $wrong);
        }
        if ($to === null) {
            return StepVerdict::notYet($rule->test, $fromMs, sprintf('%s psi was not reached yet', ShortNumber::of($high)), sprintf('%s psi was not reached', ShortNumber::of($high)));
        }
        $seconds = ($to[1] - $fromMs) / 1000;
        $what = sprintf('%s to %s psi in %s s, within %s asked', ShortNumber::of($low), ShortNumber::of($high), ShortNumber::of($seconds), ShortNumber::of((float) $rule->high));

        return StepVerdict::measured($rule->isRight($seconds), $rule->test, $fromMs, $what, ['seconds' => round($seconds, 1), 'allowed_seconds' => (float) $rule->high]);
    }

    /** @return array{int, BrakeEvent|null} index and event */
    private function firstAfter(Run $run, EventKind $kind, ?int $afterMs): array
    {
        foreach ($afterMs === null ? [] : $run->all($kind) as $n => $event) {
            if ($event->atMs >= $afterMs) {
                return [$n, $event];
            }
        }

        return [0, null];
    }

    /**
     * Where the lower gauge passed a pressure on its way up with the engine running.
     *
     * @return array{int, int}|null index of the reading above it, and the time in ms, interpolated between readings
     */
    private function crossing(Run $run, float $psi, int $afterMs): ?array
    {
        $before = null;
        foreach ($run->all(EventKind::Reading) as $n => $event) {
            $lower = min((float) $event->primary, (float) $event->secondary);
            if ($before !== null && $event->atMs >= $afterMs && $run->situationAt($n)->engine && $before[1] < $psi && $lower >= $psi) {
                return [$n, (int) round($before[0] + ($event->atMs - $before[0]) * ($psi - $before[1]) / ($lower - $before[1]))];
            }
            $before = [$event->atMs, $lower];
        }

        return null;
    }

    private function within(StepRule $rule, int $atMs, float $value, string $what): StepVerdict
    {
        return StepVerdict::measured($rule->isRight($value), $rule->test, $atMs, sprintf($what, ShortNumber::of($value), $rule->asked()), ['psi' => round($value, 1)]);
    }
}
