<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\ShortNumber;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepRule;

/** What a step asks for before it is begun, in the words of the yard, cautions first. */
final readonly class Needs
{
    /** @return list<string> */
    public static function of(StepRule $rule, bool $combination): array
    {
        $states = array_map(static fn (StateNeed $need): string => $need->label($combination, $rule->leastRpm), $rule->needs);
        $from = $rule->fromPsi === null ? [] : [sprintf('at least %s psi to begin with', ShortNumber::of($rule->fromPsi))];
        $say = array_map(static fn (Spoken $spoken): string => 'says '.$spoken->label(), $rule->say);

        return [...self::cautions($rule->test), ...$states, ...$from, ...self::doing($rule, $combination), ...$say];
    }

    /** @return list<string> what can hurt somebody, and is no state of the cab */
    private static function cautions(BrakeTest $test): array
    {
        return match ($test) {
            BrakeTest::CutOut, BrakeTest::CutIn, BrakeTest::BuildUp, BrakeTest::LowAir, BrakeTest::SpringPop => ['wheels chocked while brakes are released'],
            BrakeTest::LeakApplied, BrakeTest::LeakReleased => ['nobody under the vehicle'],
            BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand, BrakeTest::Service => ['area clear'],
        };
    }

    /** @return list<string> */
    private static function doing(StepRule $rule, bool $combination): array
    {
        return match ($rule->test) {
            BrakeTest::CutOut => ['until the dryer purges'],
            BrakeTest::CutIn => ['fan down until the needles rise again'],
            BrakeTest::BuildUp => [sprintf('%s to %s psi by the clock', ShortNumber::of($rule->buildPsi[0]), ShortNumber::of($rule->buildPsi[1]))],
            BrakeTest::LeakApplied => ['full pedal, gauges still', 'a whole minute'],
            BrakeTest::LeakReleased => ['no pedal', 'a whole minute'],
            BrakeTest::LowAir => ['engine off', 'fan the pedal down'],
            BrakeTest::SpringPop => ['engine off', 'fan on; hands off the valves'],
            BrakeTest::TugTractor => [$combination ? 'trailer valve in, tractor valve out' : 'valve out', 'a gentle tug'],
            BrakeTest::TugTrailer => ['tractor valve in, trailer valve out', 'a gentle tug'],
            BrakeTest::TugHand => ['both valves in, hand valve on', 'a gentle tug'],
            BrakeTest::Service => ['about 5 mph, then the pedal'],
        };
    }
}
