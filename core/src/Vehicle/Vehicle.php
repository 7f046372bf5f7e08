<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Catalogue\Point;

/** A vehicle as it stands in the yard. Made by VehicleReader only, which checks that it makes sense. */
final readonly class Vehicle
{
    /** What the vehicle has anywhere. */
    public FeatureSet $features;

    /**
     * @param  non-empty-list<Unit>  $units  from front to back; the first one drives
     * @param  list<OwnFigure>  $figures  where this vehicle differs from what is usually taught
     * @param  list<KnownDefect>  $defects  planted or found and not yet mended
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $description,
        public array $units,
        /** What it has as a whole; its units, and what is on bodies, are left out. */
        private FeatureSet $base,
        FeatureSet $onBodies,
        public array $figures,
        public array $defects,
    ) {
        $features = $base->with($onBodies);
        foreach ($units as $unit) {
            $features = $features->with($unit->features);
        }
        $this->features = $features;
    }

    public function hasTrailer(): bool
    {
        return count($this->units) > 1;
    }

    /** What presses its own brakes on; a trailer may have others. */
    public function brakes(): BrakeSystem
    {
        return $this->units[0]->brakes;
    }

    /**
     * Whether it has several bodies or couplings, so that what each of them has is asked of each: "trailer" alone would
     * not tell which is meant.
     */
    public function isAskedByUnit(): bool
    {
        // A vehicle of the format before keeps the items that its sheets have.
        return ! $this->base->isOfOldFormat &&
            (count($this->units) > 2 || (count($this->units) === 2 && ! $this->units[0]->kind->isTractor()));
    }

    /** What the vehicle as a whole and these units of it have. */
    public function featuresOf(Unit ...$units): FeatureSet
    {
        $features = $this->base;
        foreach ($units as $unit) {
            $features = $features->with($unit->features);
        }

        return $features;
    }

    public function axle(string $id): ?Axle
    {
        foreach ($this->axles() as $axle) {
            if ($axle->id === $id) {
                return $axle;
            }
        }

        return null;
    }

    public function lengthMilliFeet(): int
    {
        return max(array_map(static fn (Unit $unit): int => $unit->toMilliFeet, $this->units));
    }

    /** @return list<Axle> from front to back */
    public function axles(): array
    {
        return array_merge(...array_map(static fn (Unit $unit): array => $unit->axles, $this->units));
    }

    public function ownFigure(string $component, Point $point, ?AxleGroup $axle): ?OwnFigure
    {
        foreach ($this->figures as $figure) {
            if (
                $figure->test === null &&
                $figure->component === $component &&
                $figure->point === $point &&
                ($figure->axles === null || $figure->axles === $axle)
            ) {
                return $figure;
            }
        }

        return null;
    }

    /** The vehicle's own figure for one of several brake tests that are scored as a component. */
    public function ownFigureOfTest(string $component, string $test): ?OwnFigure
    {
        foreach ($this->figures as $figure) {
            if ($figure->component === $component && $figure->test === $test) {
                return $figure;
            }
        }

        return null;
    }

    /** @return list<Axle> */
    public function axlesOf(AxleGroup $group): array
    {
        return array_values(array_filter($this->axles(), static fn (Axle $axle): bool => $axle->group === $group));
    }

    /**
     * What the vehicle and each of the axles have; one set without axles, of the vehicle alone.
     *
     * @return non-empty-list<FeatureSet>
     */
    public function featuresAt(Axle ...$axles): array
    {
        return $axles === []
            ? [$this->features]
            : array_values(array_map(fn (Axle $axle): FeatureSet => $this->features->with($axle->features), $axles));
    }
}
