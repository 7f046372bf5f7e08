<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Rules\CreditRule;
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
     * @param  list<self>  $parts  the components that this one stands for, asked as one item; empty for a single part
     * @param  list<non-empty-list<Feature>>  $nature  what it is fitted to by its nature, as needs
     */
    public function __construct(
        /** An id of the catalogue, as `brake.push_rod`. */
        public string $id,
        public string $name,
        public PointSet $essential,
        public PointSet $further,
        /** What the item is worth beside others; 0 is asked and shown, but counts for nothing. */
        public int $weight,
        public Repeat $repeat,
        public array $needs,
        public array $pointNeeds,
        public array $say,
        /** Set where the part is driven by a belt or a gear, by vehicle. */
        public ?DrivenPart $drive,
        /** Credit rule of this component, where it has one of its own. */
        public ?CreditRule $credit,
        /** Extra credit: earns, but is not asked. */
        public bool $bonus,
        /** How it is asked at axles, where that differs from the checklist's rule. */
        public ?AxleRule $axles,
        public array $parts,
        /** Whether the points are those of the parts, so that a part which is not fitted takes its own with it. */
        private bool $pointsOfParts = false,
        /** Further points of its own, where others come from the parts; null where all are its own. */
        private ?PointSet $ownFurther = null,
        private array $nature = [],
        /** Whether the checklist is of the format before, which knew no nature of parts. */
        private bool $isOfOldFormat = false,
    ) {}

    /** @param  non-empty-list<self>  $parts  essential points not given are those of the parts */
    public function standingFor(array $parts): self
    {
        $essential = $this->essential;
        $further = $this->further;
        if ($essential->isEmpty()) {
            foreach ($parts as $part) {
                $essential = $essential->with($part->essential);
                $further = $further->with($part->further);
            }
        }

        return new self(
            $this->id, $this->name, $essential, $further->without($essential), $this->weight, $this->repeat,
            $this->needs, $this->pointNeeds, $this->say, $this->drive, $this->credit, $this->bonus, $this->axles,
            $parts, $this->essential->isEmpty(), $this->further, $this->nature, $this->isOfOldFormat,
        );
    }

    public function points(): PointSet
    {
        return $this->essential->with($this->further);
    }

    public function isFittedWith(FeatureSet $features): bool
    {
        return $this->lacks($features) === [] && ($this->parts === [] || $this->fittedParts($features) !== []);
    }

    /** @return list<non-empty-list<Feature>> what it needs and is not there, each met by any one of its features */
    public function lacks(FeatureSet $features): array
    {
        // A checklist and a vehicle that are both from before ask what they always asked.
        $nature = $this->isAsItWas($features) ? [] : $this->nature;

        return array_values(
            array_filter(
                [...$this->needs, ...$nature],
                static fn (array $anyOf): bool => ! $features->meets([$anyOf]),
            ),
        );
    }

    /**
     * Whether a student can be expected to say that it is not fitted: what lacks is a piece of equipment, not a
     * trailer, a body or another kind of axle, of which nobody would look for parts.
     */
    public function canBeWaved(FeatureSet $features): bool
    {
        $hasBody = $this->isAsItWas($features) ||
            $features->meets([[Feature::Trailer, Feature::StraightTruck, Feature::Bus]]);
        $isLookedFor = static fn (Feature $one): bool => $one->isOptional() && ($hasBody || ! $one->isOnBody());
        foreach ($this->lacks($features) as $anyOf) {
            if (count(array_filter($anyOf, $isLookedFor)) < count($anyOf)) {
                return false;
            }
        }

        return $this->parts === [];
    }

    private function isAsItWas(FeatureSet $features): bool
    {
        return $this->isOfOldFormat && $features->isOfOldFormat;
    }

    /** @return list<self> */
    public function fittedParts(FeatureSet $features): array
    {
        return array_values(array_filter($this->parts, static fn (self $part): bool => $part->isFittedWith($features)));
    }

    /**
     * The essential points that make sense on a vehicle or axle with these features; those of its fitted parts, where
     * it has none of its own.
     */
    public function essentialWith(FeatureSet $features): PointSet
    {
        $points = $this->pointsOfParts ? PointSet::none() : $this->essential;
        foreach ($this->pointsOfParts ? $this->fittedParts($features) : [] as $part) {
            $points = $points->with($part->essentialWith($features));
        }

        return $this->possible($points, $features);
    }

    /** The further points that make sense there, likewise. */
    public function furtherWith(FeatureSet $features): PointSet
    {
        $points = $this->ownFurther ?? $this->further;
        foreach ($this->pointsOfParts ? $this->fittedParts($features) : [] as $part) {
            $points = $points->with($part->furtherWith($features));
        }

        return $this->possible($points, $features)->without($this->essentialWith($features));
    }

    private function possible(PointSet $points, FeatureSet $features): PointSet
    {
        foreach ($this->pointNeeds as $code => $needs) {
            if (! $features->meets($needs)) {
                $points = $points->without(PointSet::of(Point::from($code)));
            }
        }

        return $points;
    }
}
