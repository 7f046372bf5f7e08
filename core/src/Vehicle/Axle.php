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
        /** As it is read: "drive axle 2". */
        public string $label,
        /** The axles that are listed together with it, as a tandem is: `drive`, `second-trailer-axle`, `drive-lift`. */
        public string $span,
        /** As these are read: "drive axle", "second trailer axle". */
        public string $spanLabel,
    ) {}

    public function hasDuals(): bool
    {
        return $this->features->has(Feature::DualWheels);
    }
}
