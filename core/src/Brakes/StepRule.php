<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

use Pasada\Core\Brakes\Judging\Situation;

/** One test of a sequence as it holds for a vehicle: pressures in psi, times in seconds. */
final readonly class StepRule
{
    /** A minute by a stopwatch is one to a second, wherever it is judged. */
    public const SLACK_SECONDS = 1.0;

    /** Idle: commercial driver manual, build-up at 600 to 900 rpm. */
    private const LEAST_RPM = 600.0;

    /**
     * @param  list<StateNeed>  $needs  the states of the cab that it needs, the first that is missing breaks it
     * @param  list<Spoken>  $say  what has to be said for it
     */
    public function __construct(
        public BrakeTest $test,
        public Limits $limits,
        public array $needs,
        public array $say = [],
        /** What a student may state as the limits; null where that is the limits themselves. */
        public ?Limits $accepted = null,
        /**
         * What a student may state instead, by the pressure itself where the limits are a distance; null where nothing.
         */
        public ?Limits $acceptedInstead = null,
        /** Lowest pressure that it may begin at; null where any will do. */
        public ?float $fromPsi = null,
        public float $slackSeconds = self::SLACK_SECONDS,
        /** Whether what is lost on pressing the pedal counts as leaked. */
        public bool $countsFirstDrop = false,
        public float $leastRpm = self::LEAST_RPM,
        /** Pressures between which the build-up is timed; none for the other tests. */
        public Limits $timedPsi = new Limits(null, null),
        /** Whether the vehicle has limits of its own. */
        public bool $isOfVehicle = false,
    ) {}

    /** The same with what a checklist sets, for a combination or a single vehicle. */
    public function chosen(StepChoice $choice, bool $combination): self
    {
        $limits = $this->limits->overriddenBy($choice->limits);
        $limits = $combination ? $limits : $limits->overriddenBy($choice->singleLimits);

        return new self(
            $this->test, $limits, $choice->needs ?? $this->needs, $choice->say ?? $this->say,
            // The band of a figure holds only where the limits lie in it: one for a combination says nothing of a
            // single vehicle.
            $choice->accepted === null ? null : $limits->joinedWith($choice->accepted),
            $this->acceptedInstead,
            $choice->fromPsi,
            $choice->slackSeconds ?? $this->slackSeconds,
            $choice->countsFirstDrop,
            $choice->leastRpm ?? $this->leastRpm,
            $this->timedPsi->overriddenBy($choice->timedPsi),
        );
    }

    /** The same within limits of the vehicle's own, which are then what is accepted, too. */
    public function onVehicle(Limits $own): self
    {
        return ! $own->areSet()
            ? $this
            : new self(
                $this->test, $this->limits->overriddenBy($own), $this->needs, $this->say, null, null, $this->fromPsi,
                $this->slackSeconds, $this->countsFirstDrop, $this->leastRpm, $this->timedPsi, true,
            );
    }

    /** The same on a vehicle whose parking brake is no valve. */
    public function withoutValves(): self
    {
        $needs = array_map(static fn (StateNeed $need): ?StateNeed => $need->withoutValves(), $this->needs);

        return new self(
            $this->test, $this->limits, array_values(array_filter($needs)), $this->say, $this->accepted,
            $this->acceptedInstead, $this->fromPsi, $this->slackSeconds, $this->countsFirstDrop, $this->leastRpm,
            $this->timedPsi, $this->isOfVehicle,
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

    /** Whether a measured value is right; a limit itself is. */
    public function isRight(float $value): bool
    {
        return $this->limits->hold($value);
    }

    /**
     * Whether a value is right where a student states it as a limit: the accepted band is wider than what is taught.
     */
    public function acceptsStated(float $value): bool
    {
        return ($this->accepted ?? $this->limits->closed())->hold($value) ||
            ($this->acceptedInstead?->hold($value) ?? false);
    }

    public function mustSay(Spoken $what): bool
    {
        return in_array($what, $this->say, true);
    }
}
