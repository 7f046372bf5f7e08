<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** A step as the checklist names it; what it leaves open is as usual. */
final readonly class StepChoice
{
    /**
     * @param  list<Spoken>|null  $say
     * @param  list<StateNeed>|null  $needs
     */
    public function __construct(
        public BrakeTest $test,
        public ?float $low = null,
        public ?float $high = null,
        public ?array $say = null,
        public ?array $needs = null,
        /** Pressure in psi at which it may begin at the lowest. */
        public ?float $fromPsi = null,
        /** How much shorter than a minute a minute may be, in seconds. */
        public ?float $slackSeconds = null,
        /** Whether what is lost on pressing the pedal counts as leaked. */
        public bool $countsFirstDrop = false,
    ) {}
}
