<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** A defect that the school knows of: planted for practice, or found and not yet mended. */
final readonly class KnownDefect
{
    public function __construct(
        public string $component,
        /** Id of the axle where it is, or null off the axles. */
        public ?string $axle,
        public string $what,
        /** Id of the unit where it is, where several have the part; null for whichever. */
        public ?string $unit = null,
    ) {}
}
