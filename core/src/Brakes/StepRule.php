<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** One test of a sequence with its limits: pressures in psi, times in seconds. */
final readonly class StepRule
{
    /** @param  list<Spoken>  $say  what has to be said for it */
    public function __construct(
        public BrakeTest $test,
        /** Lowest value that is right; null where there is none. */
        public ?float $low,
        /** Highest value that is right. */
        public ?float $high,
        public array $say,
    ) {}

    /**
     * The usual limits.
     *
     * Cut-out 120-140 psi, cut-in 20-25 psi below it and not under 100, build-up 85 to 100 psi within 45 s, applied leak
     * 4 psi a minute for a combination and 3 for a single vehicle, released leak 3 and 2, spring brakes between 20 and
     * 45 psi: commercial driver manual, air brakes. Low-air warning at or above 55 psi: 49 CFR 393.51.
     */
    public static function usual(BrakeTest $test, bool $combination): self
    {
        return match ($test) {
            BrakeTest::CutOut => new self($test, 120, 140, []),
            BrakeTest::CutIn => new self($test, 20, 25, []),
            BrakeTest::BuildUp => new self($test, null, 45, []),
            BrakeTest::LeakApplied => new self($test, null, $combination ? 4 : 3, [Spoken::StartReading, Spoken::EndReading]),
            BrakeTest::LeakReleased => new self($test, null, $combination ? 3 : 2, [Spoken::StartReading, Spoken::EndReading]),
            BrakeTest::LowAir => new self($test, 55, null, []),
            BrakeTest::SpringPop => new self($test, 20, 45, []),
            BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand => new self($test, null, null, []),
            BrakeTest::Service => new self($test, null, null, [Spoken::AreaClear]),
        };
    }

    /** @param  list<Spoken>|null  $say */
    public function with(?float $low, ?float $high, ?array $say): self
    {
        return new self($this->test, $low ?? $this->low, $high ?? $this->high, $say ?? $this->say);
    }
}
