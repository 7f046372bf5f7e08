<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes;

/** A step as the checklist names it; what it leaves open is as usual. */
final readonly class StepChoice
{
    /** @param  list<Spoken>|null  $say */
    public function __construct(public BrakeTest $test, public ?float $low = null, public ?float $high = null, public ?array $say = null) {}
}
