<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** A step as the checklist names it; what it leaves open is as usual. Pressures in psi, times in seconds. */
final readonly class StepChoice
{
    /**
     * @param  list<Spoken>|null  $say
     * @param  list<StateNeed>|null  $needs
     */
    public function __construct(
        public BrakeTest $test,
        public Limits $limits = new Limits(null, null),
        /** For a single vehicle, where they differ from those of a combination. */
        public Limits $singleLimits = new Limits(null, null),
        public ?array $say = null,
        public ?array $needs = null,
        /** Pressure at which it may begin at the lowest, read before the pedal. */
        public ?float $fromPsi = null,
        /** How much shorter than a minute a minute may be. */
        public ?float $slackSeconds = null,
        /** Whether what is lost on pressing the pedal counts as leaked. */
        public bool $countsFirstDrop = false,
        /** Engine speed that the need "rpm" asks for. */
        public ?float $leastRpm = null,
        /** Pressures between which the build-up is timed. */
        public Limits $timedPsi = new Limits(null, null),
        /**
         * What is accepted where a student states the limits: the band of the checklist's figure; null where it has
         * none.
         */
        public ?Limits $accepted = null,
    ) {}

    /** The same with what the checklist's figure accepts. */
    public function accepting(Limits $accepted): self
    {
        return new self(
            $this->test, $this->limits, $this->singleLimits, $this->say, $this->needs, $this->fromPsi,
            $this->slackSeconds, $this->countsFirstDrop, $this->leastRpm, $this->timedPsi, $accepted,
        );
    }
}
