<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Tests;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\Situation;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;

/** What the tugs share: how the valves stand tells which brake is tested, and the vehicle must not move. */
final readonly class Tug
{
    public function __construct(private bool $combination) {}

    public static function rule(BrakeTest $test): StepRule
    {
        return new StepRule($test, new Limits(null, null), [
            StateNeed::Unchocked,
            StateNeed::BeltOn,
            StateNeed::LowGear,
        ]);
    }

    public function judge(Run $run, StepRule $rule): StepVerdict
    {
        foreach ($run->all(EventKind::Tug) as $n => $event) {
            if ($this->tests($run->situationAt($n)) !== $rule->test) {
                continue;
            }

            return self::against($run, $rule, $n, $event);
        }

        return $this->provingNothing($run, $rule);
    }

    /** One tug against the brake that is tested. */
    public static function against(Run $run, StepRule $rule, int $n, BrakeEvent $tug): StepVerdict
    {
        $wrong = $run->wrongAt($n, $rule) ?? $run->said->missingBefore($tug->atMs, $rule);

        return match (true) {
            $wrong !== null => StepVerdict::broken($rule->test, $tug->atMs, $wrong),
            $tug->to === 'moved' => StepVerdict::failed(
                $rule->test,
                $tug->atMs,
                'the vehicle moved: this brake does not hold',
            ),
            default => StepVerdict::met($rule->test, $tug->atMs, 'it did not move'),
        };
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

    /** A tug with valves that do not single out one brake. */
    private function provingNothing(Run $run, StepRule $rule): StepVerdict
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
}
