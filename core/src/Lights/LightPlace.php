<?php

declare(strict_types=1);

namespace Pasada\Core\Lights;

use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\FeatureSet;

/** Where a helper outside sees lamps, along the route: front, sides, rear. The values are stored: never rename. */
enum LightPlace: string
{
    case Front = 'front';
    case TractorSide = 'tractor-side';
    case TruckRear = 'truck-rear';
    case TrailerSide = 'trailer-side';
    case TrailerRear = 'rear';

    public function label(): string
    {
        return match ($this) {
            self::Front => 'front',
            self::TractorSide => 'tractor or truck side',
            self::TruckRear => 'truck rear',
            self::TrailerSide => 'trailer side',
            self::TrailerRear => 'trailer rear',
        };
    }

    /** @return list<self> those that a vehicle has: the rear of a tractor shows where nothing hangs on it */
    public static function of(FeatureSet $vehicle): array
    {
        $hasTrailer = $vehicle->has(Feature::Trailer);
        $showsRear = ! $hasTrailer || $vehicle->has(Feature::StraightTruck) || $vehicle->has(Feature::Bus);

        return array_values(array_filter(self::cases(), static fn (self $one): bool => match ($one) {
            self::Front, self::TractorSide => true,
            self::TruckRear => $showsRear,
            self::TrailerSide, self::TrailerRear => $hasTrailer,
        }));
    }
}
