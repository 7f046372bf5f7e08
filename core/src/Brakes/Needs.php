<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** What a step asks for before it is begun, in the words of the yard, cautions first. */
final readonly class Needs
{
    /** @return list<string> */
    public static function of(StepRule $rule, bool $combination): array
    {
        $released = $combination ? 'both valves in' : 'valve in';
        $say = array_map(static fn (Spoken $spoken): string => 'says '.$spoken->label(), $rule->say);

        return match ($rule->test) {
            BrakeTest::CutOut, BrakeTest::CutIn, BrakeTest::BuildUp => ['engine running', 'wheels chocked while brakes are released', ...$say],
            BrakeTest::LeakApplied => ['wheels chocked', 'nobody under the vehicle', 'engine off, key on', $released, 'full pedal, gauges still', 'a whole minute', ...$say],
            BrakeTest::LeakReleased => ['wheels chocked', 'nobody under the vehicle', 'engine off, key on', $released, 'no pedal', 'a whole minute', ...$say],
            BrakeTest::LowAir => ['wheels chocked', 'engine off, key on', 'fan the pedal down', ...$say],
            BrakeTest::SpringPop => ['wheels chocked', 'engine off', 'fan on; hands off the valves', ...$say],
            BrakeTest::TugTractor => ['chocks out', 'belt on', ...($combination ? ['trailer valve in, tractor valve out'] : ['valve out']), 'low gear, gentle tug', ...$say],
            BrakeTest::TugTrailer => ['chocks out', 'belt on', 'tractor valve in, trailer valve out', 'low gear, gentle tug', ...$say],
            BrakeTest::TugHand => ['chocks out', 'belt on', 'both valves in, hand valve on', 'low gear, gentle tug', ...$say],
            BrakeTest::Service => ['chocks out', 'belt on', 'area clear', $released, 'about 5 mph, then the pedal', ...$say],
        };
    }
}
