<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** Who walks what with whom and when. */
final readonly class PlannedWalk
{
    public function __construct(
        public string $slot,
        public string $student,
        public string $vehicle,
        public string $instructor,
        public bool $isFixed = false,
    ) {}
}
