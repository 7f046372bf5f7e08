<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

use Pasada\Core\Brakes\Judging\Situation;

/** One test of a sequence as it holds for a vehicle: pressures in psi, times in seconds. */
final readonly class StepRule
{
    /** A minute by a stopwatch is one to a second, wherever it is judged. */
    public const SLACK_SECONDS = 1.0;

    /** Pressures between which the build-up is timed: commercial driver manual, dual air system. */
    private const BUILD_PSI = [85.0, 100.0];

    /** A figure of cut-in from here on is a pressure, not a distance below cut-out. */
    private const LEAST_PRESSURE = 60.0;

    /** Cut-in lies 20 to 25 psi below 120 to 140, not under about 100: commercial driver manual. */
    private const CUT_IN_PSI = [95.0, 120.0];

    /** Idle: commercial driver manual, build-up at 600 to 900 rpm. */
    private const LEAST_RPM = 600.0;

    /**
     * @param  list<StateNeed>  $needs  the states of the cab that it needs, the first that is missing breaks it
     * @param  list<Spoken>  $say  what has to be said for it
     * @param  array{float, float}|null  $accepted  what a student may state as the limits; null where that is the limits themselves
     * @param  array{float, float}  $buildPsi  pressures between which the build-up is timed
     */
    private function __construct(
        public BrakeTest $test,
        /** Lowest value that is right; null where there is none. */
        public ?float $low,
        /** Highest value that is right. */
        public ?float $high,
        public array $needs,
        public array $say,
        public ?float $fromPsi = null,
        public float $slackSeconds = self::SLACK_SECONDS,
        public bool $countsFirstDrop = false,
        public ?array $accepted = null,
        public float $leastRpm = self::LEAST_RPM,
        public array $buildPsi = self::BUILD_PSI,
        /** Whether the limits of cut-in are pressures, and not how far it lies below cut-out. */
        public bool $isAbsolute = false,
    ) {}

    /**
     * The usual limits, states and words.
     *
     * Cut-out 120-140 psi, cut-in 20-25 psi below it and not under 100, build-up 85 to 100 psi within 45 s, applied leak
     * 4 psi a minute for a combination and 3 for a single vehicle, released leak 3 and 2, spring brakes between 20 and
     * 45 psi: commercial driver manual, air brakes. Low-air warning at or above 55 psi: 49 CFR 393.51.
     */
    public static function usual(BrakeTest $test, bool $combination): self
    {
        $stands = [StateNeed::EngineOff, StateNeed::KeyOn, StateNeed::ValvesIn, StateNeed::Chocked];
        $moves = [StateNeed::Unchocked, StateNeed::BeltOn];

        return match ($test) {
            BrakeTest::CutOut => new self($test, 120, 140, [StateNeed::EngineOn], []),
            BrakeTest::CutIn => new self($test, 20, 25, [StateNeed::EngineOn], []),
            BrakeTest::BuildUp => new self($test, null, 45, [StateNeed::EngineOn], []),
            BrakeTest::LeakApplied => new self($test, null, $combination ? 4 : 3, $stands, [Spoken::StartReading, Spoken::EndReading]),
            BrakeTest::LeakReleased => new self($test, null, $combination ? 3 : 2, $stands, [Spoken::StartReading, Spoken::EndReading]),
            BrakeTest::LowAir => new self($test, 55, null, [StateNeed::KeyOn], []),
            BrakeTest::SpringPop => new self($test, 20, 45, [], []),
            BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand => new self($test, null, null, [...$moves, StateNeed::LowGear], []),
            BrakeTest::Service => new self($test, null, null, [...$moves, StateNeed::ValvesIn], [Spoken::AreaClear]),
        };
    }

    /** The same with what a checklist sets, for a combination or a single vehicle. */
    public function as(StepChoice $choice, bool $combination): self
    {
        $low = ($combination ? null : $choice->singleLow) ?? $choice->low ?? $this->low;
        $high = ($combination ? null : $choice->singleHigh) ?? $choice->high ?? $this->high;
        $accepted = $choice->acceptedLow === null || $choice->acceptedHigh === null ? null : [$choice->acceptedLow, $choice->acceptedHigh];

        return new self(
            $this->test, $low, $high, $choice->needs ?? $this->needs, $choice->say ?? $this->say, $choice->fromPsi,
            $choice->slackSeconds ?? $this->slackSeconds, $choice->countsFirstDrop, $this->containing($accepted, $low, $high),
            $choice->leastRpm ?? $this->leastRpm, [$choice->buildFromPsi ?? $this->buildPsi[0], $choice->buildToPsi ?? $this->buildPsi[1]],
        );
    }

    /** The same within limits of the vehicle's own, which are then what is accepted, too. */
    public function within(?float $low, ?float $high, bool $isAbsolute = false): self
    {
        return $low === null && $high === null ? $this : new self(
            $this->test, $low ?? $this->low, $high ?? $this->high, $this->needs, $this->say, $this->fromPsi, $this->slackSeconds, $this->countsFirstDrop,
            null, $this->leastRpm, $this->buildPsi, $isAbsolute,
        );
    }

    /** The first need that is not met; null where all are. */
    public function wrongIn(Situation $situation, bool $combination): ?string
    {
        foreach ($this->needs as $need) {
            $wrong = $need->wrongIn($situation, $combination, $this->leastRpm);
            if ($wrong !== null) {
                return $wrong;
            }
        }

        return null;
    }

    public function hasLimits(): bool
    {
        return $this->low !== null || $this->high !== null;
    }

    /** Whether a measured value is right; a limit itself is. */
    public function isRight(float $value): bool
    {
        return ($this->low === null || $value >= $this->low) && ($this->high === null || $value <= $this->high);
    }

    /** Whether a value is right where a student states it as a limit: the accepted band is wider than what is taught. */
    public function acceptsStated(float $value): bool
    {
        if ($this->test === BrakeTest::CutIn && ! $this->isAbsolute && $value >= self::LEAST_PRESSURE) {
            // "Cuts in at no less than 100": the pressure itself, not how far it lies below.
            return $value >= self::CUT_IN_PSI[0] && $value <= self::CUT_IN_PSI[1];
        }
        [$low, $high] = $this->accepted ?? [$this->low ?? $this->high ?? 0.0, $this->high ?? $this->low ?? 0.0];

        return $value >= $low && $value <= $high;
    }

    /** "between 120 and 140", "at or above 55", "no more than 4" */
    public function asked(): string
    {
        return match (true) {
            $this->low !== null && $this->high !== null => sprintf('between %s and %s', ShortNumber::of($this->low), ShortNumber::of($this->high)),
            $this->low !== null => 'at or above '.ShortNumber::of($this->low),
            default => 'no more than '.ShortNumber::of($this->high ?? 0.0),
        };
    }

    public function mustSay(Spoken $what): bool
    {
        return in_array($what, $this->say, true);
    }

    /**
     * The band of a figure holds only where the limits lie in it: one for a combination says nothing of a single vehicle.
     *
     * @param  array{float, float}|null  $band
     * @return array{float, float}|null
     */
    private function containing(?array $band, ?float $low, ?float $high): ?array
    {
        $limits = array_filter([$low, $high], is_float(...));
        if ($band === null || $limits === []) {
            return null;
        }
        $isIn = array_filter($limits, static fn (float $limit): bool => $limit >= $band[0] && $limit <= $band[1]) !== [];

        return $isIn ? [min([$band[0], ...array_values($limits)]), max([$band[1], ...array_values($limits)])] : null;
    }
}
