<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** One unit of a vehicle: a tractor, a truck, a trailer or a dolly. */
final readonly class Unit
{
    /** @param  list<Axle>  $axles  from front to back */
    public function __construct(
        /** As in an item's position: `truck`, `trailer`, `second-trailer`, `dolly`. Unique on the vehicle. */
        public string $id,
        /** As it is read: "second trailer". */
        public string $label,
        public UnitKind $kind,
        public Body $body,
        /** Front end of the unit behind the front bumper of the vehicle, in thousandths of a foot. */
        public int $fromMilliFeet,
        /** Rear end, likewise. */
        public int $toMilliFeet,
        public array $axles,
        public BrakeSystem $brakes,
        /** By what it is coupled to the unit in front; null for what drives. */
        public ?Hitch $hitch,
        /** What this unit has by itself. */
        public FeatureSet $features,
    ) {}
}
