<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

final readonly class Axle
{
    public function __construct(
        /** `steer`, or group and number from the front, as `drive-2`. Unique on the vehicle. */
        public string $id,
        public AxleGroup $group,
        /** Distance of the axle from the front bumper, in thousandths of a foot; used for the drawing only. */
        public int $atMilliFeet,
        public FeatureSet $features,
    ) {}

    public function hasDuals(): bool
    {
        return $this->features->has(Feature::DualWheels);
    }
}
