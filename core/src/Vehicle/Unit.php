<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** One unit of a vehicle: a tractor, a truck or a trailer. */
final readonly class Unit
{
    /** @param  list<Axle>  $axles  from front to back */
    public function __construct(
        public UnitKind $kind,
        public Body $body,
        /** Front end of the unit behind the front bumper of the vehicle, in thousandths of a foot. */
        public int $fromMilliFeet,
        /** Rear end, likewise. */
        public int $toMilliFeet,
        public array $axles,
    ) {}
}
