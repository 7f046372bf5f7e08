<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Vehicle\Axle;

/** Where on this vehicle a stop of the checklist is made. */
final readonly class Spot
{
    /** @param  list<Axle>  $axles  empty off the axles */
    public function __construct(
        public string $id,
        public string $name,
        public array $axles,
        /** The first spot of its stop: what is asked once for a group of axles is asked there. */
        public bool $first,
    ) {}
}
