<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/**
 * How the lights are checked with a helper outside. Before, between or after the cab work is where the checklist has
 * its stop.
 */
final readonly class LightRule
{
    /** The component that is asked. */
    public const CHECK = 'cab.light_check';

    public function __construct(
        public LightAsk $ask,
        /** Asked place by place: all of the front, then the sides, then the rear; else function by function. */
        public bool $isRoute,
    ) {}
}
