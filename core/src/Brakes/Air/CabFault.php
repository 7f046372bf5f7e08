<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepRule;

/**
 * What may be wrong with the truck of the simulated cab, to be found by a test. The values are what AirFaults reads.
 */
enum CabFault: string
{
    case LeakPrimary = 'leak:primary:9';
    case LeakSecondary = 'leak:secondary:9';
    case LeakApplied = 'leak:applied:14';
    case GovernorLow = 'governor-low';
    case GovernorHigh = 'governor-high';
    case GovernorStuck = 'governor-stuck';
    case NoWarning = 'no-warning';
    case ValveEarly = 'valve-early';
    case ValveLate = 'valve-late';
    case ValveStuck = 'valve-stuck';
    case CompressorWeak = 'compressor-weak';
    case TractorBrakeSlips = 'tractor-brake-slips';
    case ServicePulls = 'service-pulls';

    /** Gauges stand so much lower than the supply while pressure moves, in psi: AirMakeup. */
    private const LAG_PSI = 3.0;

    public function label(): string
    {
        return match ($this) {
            self::LeakPrimary => 'the primary reservoir leaks',
            self::LeakSecondary => 'the secondary reservoir leaks',
            self::LeakApplied => 'a chamber leaks while the pedal is down',
            self::GovernorLow => 'the governor cuts out too low',
            self::GovernorHigh => 'the governor cuts out too high',
            self::GovernorStuck => 'the governor never cuts in again',
            self::NoWarning => 'the low-air warning never comes',
            self::ValveEarly => 'the parking valves come out too early',
            self::ValveLate => 'the parking valves come out too late',
            self::ValveStuck => 'the parking valves stick',
            self::CompressorWeak => 'the compressor is weak',
            self::TractorBrakeSlips => 'the tractor parking brake slips',
            self::ServicePulls => 'the service brake pulls to a side',
        };
    }

    /** How to tell it from its neighbors, in words for the student. */
    public function toldApart(): string
    {
        return match ($this) {
            self::LeakPrimary => 'The primary needle alone falls, with the pedal up as well as down. A chamber that '.
                'leaks shows only while the pedal is down; a secondary leak moves the other needle.',
            self::LeakSecondary => 'The secondary needle alone falls, with the pedal up as well as down. A chamber '.
                'that leaks shows only while the pedal is down; a primary leak moves the other needle.',
            self::LeakApplied => 'The needle falls only while the pedal is down. If it goes on falling with the pedal '.
                'up, a reservoir or its line leaks.',
            self::GovernorLow => 'The purge comes below the range, and the compressor fills as fast as ever. A weak '.
                'compressor reaches the right cut-out, only slowly.',
            self::GovernorHigh => 'The purge comes above the range. A gauge that reads high would be high in every '.
                'test, the low-air warning too.',
            self::GovernorStuck => 'The cut-out is right, and fanning down never starts the compressor again. A weak '.
                'compressor starts, and fills slowly.',
            self::NoWarning => 'With the key on and below the limit, lamp and buzzer stay silent. With the key off no '.
                'truck warns: look at the key first.',
            self::ValveEarly => 'The valves come out above the range, though nobody pulled them. A hand on the knob '.
                'looks the same: keep hands off and fan again.',
            self::ValveLate => 'They come out, but below the range. A valve that sticks never comes out at all.',
            self::ValveStuck => 'They stay in however low the needles go. A valve that is late comes out below the '.
                'range.',
            self::CompressorWeak => 'It fills from 85 to 100 psi too slowly, and the cut-out is right. Too low an rpm '.
                'looks the same: look at the engine speed first.',
            self::TractorBrakeSlips => 'The truck moves with the tractor valve out and the trailer valve in. If it '.
                'moves the other way round, the trailer brakes slip.',
            self::ServicePulls => 'It stops, but to a side. Ground, load and tires pull as well: roll again on level '.
                'ground before the brakes are blamed.',
        };
    }

    /** @return list<self> those that a student who does everything right can find */
    public static function shownBy(Sequence $sequence, BrakedVehicle $vehicle): array
    {
        return array_values(
            array_filter(self::cases(), static fn (self $fault): bool => $fault->tests($sequence, $vehicle) !== []),
        );
    }

    /** @return list<BrakeTest> tests of a sequence that show it on a vehicle */
    public function tests(Sequence $sequence, BrakedVehicle $vehicle): array
    {
        $showing = array_filter(
            $sequence->rules($vehicle),
            fn (StepRule $rule): bool => $this->isShownBy($rule, $vehicle),
        );

        return array_values(array_map(static fn (StepRule $rule): BrakeTest => $rule->test, $showing));
    }

    private function isShownBy(StepRule $rule, BrakedVehicle $vehicle): bool
    {
        $makeup = $vehicle->makeup();
        $faults = AirFaults::read($this->value);
        $outside = static fn (float ...$values): bool => array_filter($values, $rule->isRight(...)) === [];

        return match ($rule->test) {
            BrakeTest::LeakApplied, BrakeTest::LeakReleased => $outside(
                $this->lostPsi($makeup, $rule->test === BrakeTest::LeakApplied),
            ),
            BrakeTest::CutOut => $faults->governorShiftPsi !== 0.0 &&
                $outside(
                    $makeup->cutOutPsi + $faults->governorShiftPsi,
                    $makeup->cutOutPsi + $faults->governorShiftPsi - self::LAG_PSI,
                ),
            BrakeTest::CutIn => $faults->governorStuck ||
                ($faults->governorShiftPsi !== 0.0 &&
                    $this->movesCutIn($rule, $vehicle, $makeup->cutInPsi + $faults->governorShiftPsi)),
            BrakeTest::LowAir => $faults->noWarning,
            BrakeTest::SpringPop => $faults->valveStuck ||
                ($faults->valveShiftPsi > 0 &&
                    $makeup->trailerPopPsi + $faults->valveShiftPsi - self::LAG_PSI > $rule->limits->highest() &&
                    $vehicle->combination) ||
                ($faults->valveShiftPsi !== 0.0 &&
                    $outside(
                        $makeup->tractorPopPsi + $faults->valveShiftPsi,
                        $makeup->tractorPopPsi + $faults->valveShiftPsi - self::LAG_PSI,
                    )),
            BrakeTest::BuildUp => $faults->compressorShare < 1.0,
            BrakeTest::TugTractor => $faults->tractorBrakeSlips,
            BrakeTest::Service => $faults->servicePulls,
            default => false,
        };
    }

    /** What the gauge shows lost in a minute: the supply reservoir feeds what leaks behind its check valve. */
    private function lostPsi(AirMakeup $makeup, bool $isApplied): float
    {
        return match ($this) {
            self::LeakPrimary => (9 * $makeup->primaryLiters) / ($makeup->primaryLiters + $makeup->supplyLiters),
            self::LeakSecondary => (9 * $makeup->secondaryLiters) / ($makeup->secondaryLiters + $makeup->supplyLiters),
            self::LeakApplied => $isApplied
                ? (14 * $makeup->primaryLiters) /
                    ($makeup->primaryLiters + $makeup->primaryChamberLiters + $makeup->supplyLiters)
                : 0.0,
            default => 0.0,
        };
    }

    private function movesCutIn(StepRule $rule, BrakedVehicle $vehicle, float $cutInPsi): bool
    {
        return $rule->isOfVehicle
            ? ! $rule->isRight($cutInPsi) && ! $rule->isRight($cutInPsi - self::LAG_PSI)
            : $cutInPsi < $vehicle->leastCutInPsi();
    }
}
