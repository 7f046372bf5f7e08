<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Question;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Brakes\TestKind;

/** The governor cuts in again: pressure is fanned down until the needles rise. */
final readonly class CutIn implements Procedure
{
    /** A governor that has not cut in so far below where it should will not. */
    private const WELL_BELOW_PSI = 5.0;

    /** Cut-in lies 20 to 25 psi below 120 to 140, not under about 100: commercial driver manual. */
    private const STATED_PSI = [95.0, 120.0];

    public function label(): string
    {
        return 'governor cut-in';
    }

    public function component(): string
    {
        return 'test.governor';
    }

    public function kind(): TestKind
    {
        return TestKind::Pressure;
    }

    public function canBeAskedOf(BrakedVehicle $vehicle): bool
    {
        return $vehicle->system->hasAir();
    }

    /** 20 to 25 psi below cut-out and not under 100: commercial driver manual, air brakes. */
    public function usual(bool $combination): StepRule
    {
        // "Cuts in at no less than 100": the pressure itself, not how far it lies below.
        return new StepRule(
            BrakeTest::CutIn,
            new Limits(20, 25),
            [StateNeed::EngineOn],
            acceptedInstead: new Limits(...self::STATED_PSI),
        );
    }

    public function settings(): array
    {
        return ['low' => 'psi below cut-out', 'high' => 'psi below cut-out'];
    }

    public function actions(StepRule $rule, bool $combination): array
    {
        return ['fan down until the needles rise again'];
    }

    public function observed(): array
    {
        return ['pedal:down', 'pedal:up', 'cut-in:'];
    }

    public function spokenOf(): string
    {
        return '/\b(cut(s|ting)? ?in|cuts? back in|kick(s|ing)? (back )?in|load(s|ing)? again|start\w* '.
            '(pumping|building|loading) again|back on)\b/';
    }

    public function judge(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        [$n, $event] = $run->firstSince(EventKind::CutIn, $afterMs);
        if ($event === null) {
            return $this->neverCutIn($run, $rule, $vehicle, $afterMs);
        }
        $wrong = $run->wrongAt($n, $rule);
        if ($wrong !== null) {
            return StepVerdict::broken($rule->test, $event->atMs, $wrong);
        }
        $at = $run->gauges->at($event->atMs);
        if ($at === null) {
            return StepVerdict::notJudged(
                $rule->test,
                $event->atMs,
                Question::reading('what did the gauges show when the needles rose again?', $event->atMs),
            );
        }
        // A vehicle tells at which pressure its governor cuts in; a checklist, how far below cut-out.
        if ($rule->isOfVehicle) {
            return StepVerdict::within($rule, $event->atMs, $at->lower(), 'cut in at %s psi, %s asked');
        }
        $out = $this->cutOutBefore($run, $event);
        $before = $out === null ? null : $run->gauges->at($out->atMs);
        if ($before === null) {
            return StepVerdict::notJudged($rule->test, $event->atMs, $this->askForCutOut($out, $event));
        }
        $least = $vehicle->leastCutInPsi();
        if ($at->lower() < $least) {
            $what = sprintf(
                'cut in at %s psi, not under %s asked',
                ShortNumber::of($at->lower()),
                ShortNumber::of($least),
            );

            return StepVerdict::failed($rule->test, $event->atMs, $what, ['psi' => ShortNumber::rounded($at->lower())]);
        }

        return StepVerdict::within(
            $rule, $event->atMs, $before->lower() - $at->lower(), 'cut in %s psi below cut-out, %s asked',
        );
    }

    private function cutOutBefore(Run $run, BrakeEvent $cutIn): ?BrakeEvent
    {
        $last = null;
        foreach ($run->all(EventKind::CutOut) as $event) {
            $last = $event->atMs <= $cutIn->atMs ? $event : $last;
        }

        return $last;
    }

    /** Of a cut-out that nobody noted, the answer tells both that it came and at what pressure. */
    private function askForCutOut(?BrakeEvent $out, BrakeEvent $cutIn): Question
    {
        $text = 'at what pressure did the governor cut out before?';

        return $out === null
            ? new Question($text, max(0, $cutIn->atMs - 1), EventKind::CutOut)
            : Question::reading($text, $out->atMs);
    }

    /** Fanned down with the engine running well below where it should have cut in. */
    private function neverCutIn(Run $run, StepRule $rule, BrakedVehicle $vehicle, ?int $afterMs): StepVerdict
    {
        $least = ($rule->isOfVehicle ? $rule->limits->low : null) ?? $vehicle->leastCutInPsi();
        [, $out] = $run->firstSince(EventKind::CutOut, 0);
        if ($out === null || $afterMs === null) {
            return StepVerdict::notDone($rule->test);
        }
        foreach ($run->gauges->readings as $n => $reading) {
            $lower = $reading->pressure->lower();
            if (
                $reading->atMs > max($out->atMs, $afterMs) &&
                $run->situationAt($n)->engine &&
                $lower < $least - self::WELL_BELOW_PSI
            ) {
                $what = sprintf(
                    'did not cut in down to %s psi, not under %s asked',
                    ShortNumber::of($lower),
                    ShortNumber::of($least),
                );

                return StepVerdict::failed($rule->test, $reading->atMs, $what, ['psi' => ShortNumber::rounded($lower)]);
            }
        }

        return StepVerdict::notDone($rule->test);
    }
}
