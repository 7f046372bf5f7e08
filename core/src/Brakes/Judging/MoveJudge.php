<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepRule;

/** The tests that move the vehicle or try to: tugs against each brake, and a stop from walking speed. */
final readonly class MoveJudge
{
    /** "About 5 mph": commercial driver manual. Walking speed to a slow jog. */
    private const SLOWEST_MPH = 3;

    private const FASTEST_MPH = 7;

    public function __construct(private bool $combination) {}

    public function tug(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Tug) as $n => $event) {
            $situation = $run->situationAt($n);
            if ($this->tests($situation) !== $rule->test) {
                continue;
            }
            $wrong = $this->unsafe($run, $rule, $n);

            return match (true) {
                $wrong !== null => StepVerdict::broken($rule->test, $event->atMs, $wrong),
                $event->to === 'moved' => StepVerdict::failed($rule->test, $event->atMs, 'the vehicle moved: this brake does not hold'),
                default => StepVerdict::met($rule->test, $event->atMs, 'it did not move'),
            };
        }

        return $this->idle($run, $rule);
    }

    public function service(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Rolling) as $n => $event) {
            $stop = $run->firstAfter($n, EventKind::Stopped);
            $wrong = $this->unsafe($run, $rule, $n) ?? match (true) {
                (float) $event->primary < self::SLOWEST_MPH || (float) $event->primary > self::FASTEST_MPH => sprintf('rolled at %s mph, about 5 asked', ShortNumber::of((float) $event->primary)),
                default => null,
            };
            if ($wrong !== null) {
                return StepVerdict::broken($rule->test, $event->atMs, $wrong);
            }
            if ($stop === null) {
                return StepVerdict::notYet($rule->test, $event->atMs, 'still rolling', 'never stopped');
            }
            $pressed = false;
            for ($i = $n; $i <= $stop; $i++) {
                $pressed = $pressed || $run->situationAt($i)->pedalDown;
            }

            return match (true) {
                ! $pressed => StepVerdict::broken($rule->test, $event->atMs, 'stopped without the pedal'),
                $run->events[$stop]->to === 'pulled' => StepVerdict::failed($rule->test, $event->atMs, 'pulled to a side: brakes, suspension, tire, ground or load'),
                default => StepVerdict::met($rule->test, $event->atMs, 'stopped straight'),
            };
        }

        return StepVerdict::notDone($rule->test);
    }

    private function tests(Situation $situation): ?BrakeTest
    {
        return match (true) {
            ! $this->combination => $situation->tractorIn ? null : BrakeTest::TugTractor,
            $situation->tractorIn && $situation->trailerIn => $situation->handOn ? BrakeTest::TugHand : null,
            $situation->tractorIn => BrakeTest::TugTrailer,
            $situation->trailerIn => BrakeTest::TugTractor,
            default => null,
        };
    }

    /** A tug with valves that prove nothing. */
    private function idle(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Tug) as $n => $event) {
            if ($this->tests($run->situationAt($n)) === null) {
                return StepVerdict::broken($rule->test, $event->atMs, $run->situationAt($n)->tractorIn
                    ? 'tugged with every brake released: that proves nothing'
                    : 'tugged with both valves out: which brake held cannot be told');
            }
        }

        return StepVerdict::notDone($rule->test);
    }

    private function unsafe(Run $run, StepRule $rule, int $n): ?string
    {
        $silent = $rule->mustSay(Spoken::AreaClear) && ! $run->said(Spoken::AreaClear, 0, $run->events[$n]->atMs);

        return $run->wrongAt($n, $rule) ?? ($silent ? 'did not say '.Spoken::AreaClear->label() : null);
    }
}
