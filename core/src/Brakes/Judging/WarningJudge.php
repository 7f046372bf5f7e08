<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StepRule;

/** The low-air warning: it has to come while pressure is fanned down, before either gauge is too low. */
final readonly class WarningJudge
{
    /** More than the gauges of a standing truck waver. */
    private const FALLEN_PSI = 3.0;

    /** @param  int  $afterMs  when the step before it began */
    public function judge(Run $run, StepRule $rule, int $afterMs): StepVerdict
    {
        foreach ($run->fannedDown(EventKind::Warning, $afterMs) as $n => $event) {
            $at = $run->pressureAt($event->atMs);
            if ($at !== null && ! $this->isComingDown($run, $event->atMs, $at->lower())) {
                continue;
            }
            $wrong = $run->wrongAt($n, $rule);
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            if ($at === null) {
                return StepVerdict::notJudged($rule->test, $event->atMs, 'what did the gauges show when the warning came?');
            }
            $figures = ['psi' => round($at->lower(), 1), 'least_psi' => (float) $rule->low];
            $what = sprintf('the warning came at %s psi, %s asked', ShortNumber::of($at->lower()), $rule->asked());

            return StepVerdict::measured($rule->isRight($at->lower()), $rule->test, $event->atMs, $what, $figures);
        }
        foreach ($run->all(EventKind::Reading) as $n => $event) {
            $lower = min((float) $event->primary, (float) $event->secondary);
            if (! $rule->isRight($lower) && ! $run->situationAt($n)->engine && $this->isComingDown($run, $event->atMs, $lower)) {
                return $run->situationAt($n)->key
                    ? StepVerdict::failed($rule->test, $event->atMs, sprintf('no warning down to %s psi, %s asked', ShortNumber::of($lower), $rule->asked()), ['psi' => $lower, 'least_psi' => (float) $rule->low])
                    : StepVerdict::broken($rule->test, $event->atMs, 'the key was off, so no warning could come', ['psi' => $lower, 'least_psi' => (float) $rule->low]);
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
}
