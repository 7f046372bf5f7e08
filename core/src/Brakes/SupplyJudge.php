<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** Governor and compressor: where they cut out and in, and how fast pressure builds. */
final readonly class SupplyJudge
{
    /** Pressures between which the build-up is timed: commercial driver manual, dual air system. */
    private const BUILD_FROM_PSI = 85;

    private const BUILD_TO_PSI = 100;

    public function __construct(private BrakedVehicle $vehicle) {}

    public function cutOut(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::CutOut) as $n => $event) {
            $at = $run->pressureAt($event->atMs);
            $wrong = $run->wrongAt($n, $rule);
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            if ($at === null) {
                return StepVerdict::broken($rule->test, $event->atMs, 'no reading was taken when the dryer purged');
            }

            return $this->within($rule, $event->atMs, $at->lower(), 'cut out at %s psi, between %s and %s asked');
        }

        return StepVerdict::notDone($rule->test);
    }

    public function cutIn(Run $run, StepRule $rule): StepVerdict
    {
        $outs = array_values($run->all(EventKind::CutOut));
        $out = $outs === [] ? null : $run->pressureAt($outs[0]->atMs);
        foreach ($run->all(EventKind::CutIn) as $n => $event) {
            $wrong = $run->wrongAt($n, $rule);
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            $at = $run->pressureAt($event->atMs);
            if ($out === null || $at === null) {
                return StepVerdict::broken($rule->test, $event->atMs, 'cut-in is judged by the cut-out before it, and a reading of one of them is missing');
            }
            $least = $this->vehicle->leastCutInPsi();
            if ($at->lower() < $least) {
                return StepVerdict::broken($rule->test, $event->atMs, sprintf('cut in at %s psi, not under %s asked', Plain::of($at->lower()), Plain::of($least)), ['psi' => $at->lower()]);
            }

            return $this->within($rule, $event->atMs, $out->lower() - $at->lower(), 'cut in %s psi below cut-out, between %s and %s asked');
        }

        return StepVerdict::notDone($rule->test);
    }

    /** @param  int  $afterMs  when the step before it began: pressure builds more than once, and the one that follows is meant */
    public function buildUp(Run $run, StepRule $rule, int $afterMs): StepVerdict
    {
        $from = $this->crossing($run, self::BUILD_FROM_PSI, $afterMs) ?? $this->crossing($run, self::BUILD_FROM_PSI, 0);
        $to = $from === null ? null : $this->crossing($run, self::BUILD_TO_PSI, $from[1]);
        if ($from === null) {
            return StepVerdict::notDone($rule->test);
        }
        [$n, $fromMs] = $from;
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $fromMs, $wrong);
        }
        if ($to === null) {
            return StepVerdict::notYet($rule->test, $fromMs, sprintf('%d psi was not reached yet', self::BUILD_TO_PSI));
        }
        $seconds = ($to[1] - $fromMs) / 1000;
        $what = sprintf('%d to %d psi in %s s, within %s asked', self::BUILD_FROM_PSI, self::BUILD_TO_PSI, Plain::of($seconds), Plain::of((float) $rule->high));
        $figures = ['seconds' => round($seconds, 1), 'allowed_seconds' => (float) $rule->high];

        return $seconds <= (float) $rule->high ? StepVerdict::met($rule->test, $fromMs, $what, $figures) : StepVerdict::broken($rule->test, $fromMs, $what, $figures);
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
        $figures = ['psi' => round($value, 1)];
        $said = sprintf($what, Plain::of($value), Plain::of((float) $rule->low), Plain::of((float) $rule->high));

        return $value >= (float) $rule->low && $value <= (float) $rule->high ? StepVerdict::met($rule->test, $atMs, $said, $figures) : StepVerdict::broken($rule->test, $atMs, $said, $figures);
    }
}
