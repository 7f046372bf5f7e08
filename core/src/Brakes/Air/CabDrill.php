<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Sequence;

/** A short practice that begins in the middle of the sequence, in the cab as the test before it leaves it. */
enum CabDrill: string
{
    case Governor = 'governor';
    case BuildUp = 'build-up';
    case LeakMinute = 'leak-minute';
    case Fanning = 'fanning';
    case Tugs = 'tugs';

    public function label(): string
    {
        return match ($this) {
            self::Governor => 'Only the governor',
            self::BuildUp => 'Only the build-up',
            self::LeakMinute => 'Only the leak minute',
            self::Fanning => 'Only fanning: the warning and the valves',
            self::Tugs => 'Only the tugs and the stop',
        };
    }

    /**
     * Pressure in both reservoirs at the start, in psi: under the 85 from which the build-up is timed, and under where
     * a governor cuts in; else full, since it cuts out at 120 to 140 (commercial driver manual).
     */
    public function startPsi(): float
    {
        return match ($this) {
            self::Governor => 95.0,
            self::BuildUp => 75.0,
            default => 120.0,
        };
    }

    /** What of a checklist's tests is practiced; without a step where the checklist asks none of them. */
    public function of(Sequence $sequence): Sequence
    {
        return $sequence->only($this->tests());
    }

    /** @return list<BrakeEvent> the controls as they stand at the start */
    public function begin(BrakedVehicle $vehicle): array
    {
        $at = static fn (EventKind $kind, string $to): BrakeEvent => new BrakeEvent(0, $kind, $to);
        $chocks = $at(EventKind::Chocks, 'in');
        if ($this === self::Governor || $this === self::BuildUp) {
            return [$chocks];
        }
        $engine = [$at(EventKind::Engine, 'on')];
        if ($vehicle->isManual) {
            $engine = [$at(EventKind::Clutch, 'down'), ...$engine, $at(EventKind::Clutch, 'up')];
        }

        return [
            $chocks,
            $at(EventKind::Key, 'on'),
            ...($this === self::Tugs ? $engine : []),
            $at(EventKind::TractorValve, 'in'),
            ...($vehicle->combination ? [$at(EventKind::TrailerValve, 'in')] : []),
        ];
    }

    /** @return list<BrakeTest> */
    private function tests(): array
    {
        return match ($this) {
            self::Governor => [BrakeTest::CutOut, BrakeTest::CutIn],
            self::BuildUp => [BrakeTest::BuildUp],
            self::LeakMinute => [BrakeTest::LeakApplied, BrakeTest::LeakReleased],
            self::Fanning => [BrakeTest::LowAir, BrakeTest::SpringPop],
            self::Tugs => [BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand, BrakeTest::Service],
        };
    }
}
