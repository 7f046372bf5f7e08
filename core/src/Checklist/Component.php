<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Vehicle\DrivenPart;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\FeatureSet;

/** A part of the vehicle as this checklist asks for it. */
final readonly class Component
{
    /**
     * @param  list<non-empty-list<Feature>>  $needs  every entry must be met, each by any one of its features
     * @param  array<string, list<non-empty-list<Feature>>>  $pointNeeds  likewise for single points, by code
     * @param  array<string, string>  $say  words of this component for a point, by code
     */
    public function __construct(
        /** An id of the catalogue, as `brake.push_rod`. */
        public string $id,
        public string $name,
        public PointSet $essential,
        public PointSet $further,
        public int $weight,
        public Repeat $repeat,
        public array $needs,
        public array $pointNeeds,
        public array $say,
        /** Set where the part is driven by a belt or a gear, by vehicle. */
        public ?DrivenPart $drive,
    ) {}

    public function points(): PointSet
    {
        return $this->essential->with($this->further);
    }

    public function isFittedWith(FeatureSet $features): bool
    {
        return self::met($this->needs, $features);
    }

    /** The points of the set that make sense on a vehicle or axle with these features. */
    public function asked(PointSet $points, FeatureSet $features): PointSet
    {
        $left = $points;
        foreach ($this->pointNeeds as $code => $needs) {
            if (! self::met($needs, $features)) {
                $left = $left->without(PointSet::of(Point::from($code)));
            }
        }

        return $left;
    }

    /** @param  list<non-empty-list<Feature>>  $needs */
    private static function met(array $needs, FeatureSet $features): bool
    {
        foreach ($needs as $anyOf) {
            $found = false;
            foreach ($anyOf as $feature) {
                $found = $found || $features->has($feature);
            }
            if (! $found) {
                return false;
            }
        }

        return true;
    }
}
