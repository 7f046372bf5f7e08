<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** One test of a sequence as it holds for a vehicle: pressures in psi, times in seconds. */
final readonly class StepRule
{
    /** A minute read off a stopwatch is one to half a second. */
    private const SLACK_SECONDS = 0.5;

    /**
     * @param  list<StateNeed>  $needs  the states of the cab that it needs, the first that is missing breaks it
     * @param  list<Spoken>  $say  what has to be said for it
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

    /** The same with what a checklist sets. */
    public function as(StepChoice $choice): self
    {
        return new self(
            $this->test, $choice->low ?? $this->low, $choice->high ?? $this->high, $choice->needs ?? $this->needs, $choice->say ?? $this->say,
            $choice->fromPsi, $choice->slackSeconds ?? $this->slackSeconds, $choice->countsFirstDrop,
        );
    }

    /** The same within limits of the vehicle's own. */
    public function within(?float $low, ?float $high): self
    {
        return new self($this->test, $low ?? $this->low, $high ?? $this->high, $this->needs, $this->say, $this->fromPsi, $this->slackSeconds, $this->countsFirstDrop);
    }

    /** The first need that is not met; null where all are. */
    public function wrongIn(Situation $situation, bool $combination): ?string
    {
        foreach ($this->needs as $need) {
            $wrong = $need->wrongIn($situation, $combination);
            if ($wrong !== null) {
                return $wrong;
            }
        }

        return null;
    }
}
