<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** Engine parts that are driven by a belt on one engine and by a gear on another. */
enum DrivenPart: string
{
    case Alternator = 'alternator';
    case WaterPump = 'water-pump';
    case AirCompressor = 'air-compressor';
    case SteeringPump = 'steering-pump';

    /** "belt" or "gear"; null where the vehicle does not tell. */
    public function drivenBy(FeatureSet $features): ?string
    {
        foreach (['belt', 'gear'] as $kind) {
            if ($features->has(Feature::from($this->value.':'.$kind))) {
                return $kind;
            }
        }

        return null;
    }
}
