<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\FeatureSet;

/** A figure that belongs to a point: its limits, what is accepted when said, the unit, and where it comes from. */
final readonly class Figure
{
    /**
     * @param  list<string>  $components  the components it holds for; empty means every component with the point
     * @param  list<AxleGroup>  $axles  the axles it holds for; empty means everywhere
     * @param  array<string, self>  $byAxle  where all axles are asked in one item and differ: the figure of each, by
     *   the words for its axles
     * @param  list<non-empty-list<Feature>>  $needs  what the vehicle or axle must have for it to hold
     */
    public function __construct(
        public string $id,
        public Point $point,
        public array $components,
        public array $axles,
        /** The usual lower limit in thousandths of the unit; null where there is none. */
        public ?int $low,
        /** The usual upper limit, likewise. */
        public ?int $high,
        /** Lowest value that is accepted when a student says it, in thousandths of the unit. */
        public int $acceptedLow,
        /** Highest value that is accepted when said. */
        public int $acceptedHigh,
        public UnitOfMeasure $unit,
        public string $source,
        public string $note,
        public array $byAxle = [],
        public array $needs = [],
    ) {}

    /**
     * One figure for an item that stands for several axles: each axle's own is asked.
     *
     * @param  non-empty-list<array{AxleGroup, self}>  $figures  in the order of the axles
     */
    public static function ofAxles(array $figures): self
    {
        $words = $byLimits = [];
        foreach ($figures as [$axle, $figure]) {
            $key = serialize([$figure->id, $figure->limits()]);
            $words[$key][] = $axle->label();
            $byLimits[$key] = $figure;
        }
        $first = reset($byLimits);
        if (count($byLimits) === 1) {
            return $first;
        }
        $byAxle = [];
        foreach ($byLimits as $key => $figure) {
            $byAxle[implode(' and ', $words[$key])] = $figure;
        }

        return new self(
            $first->id, $first->point, $first->components, [], $first->low, $first->high, $first->acceptedLow,
            $first->acceptedHigh, $first->unit, $first->source, $first->note, $byAxle,
        );
    }

    /**
     * @return non-empty-list<self> the figures that have to be said for its point: one, or one for each kind of axle
     */
    public function parts(): array
    {
        return $this->byAxle === [] ? [$this] : array_values($this->byAxle);
    }

    /** Whether it is for a case that the other is not for: some parts only, or some vehicles only. */
    public function isCloserThan(self $other): bool
    {
        return count($this->needs) > count($other->needs) ||
            (count($this->needs) === count($other->needs) && $this->components !== []);
    }

    /** Whether both say the same: a vehicle may set limits of its own for one axle and not for the other. */
    public function isSameAs(self $other): bool
    {
        return $this->id === $other->id &&
            $this->unit === $other->unit &&
            $this->limits() === $other->limits() &&
            count($this->byAxle) === count($other->byAxle);
    }

    /** @return array{?int, ?int, int, int} */
    private function limits(): array
    {
        return [$this->low, $this->high, $this->acceptedLow, $this->acceptedHigh];
    }

    /** @param  FeatureSet|null  $features  what the vehicle and the axle have; null for whatever they have */
    public function holdsFor(string $component, ?AxleGroup $axle, ?FeatureSet $features = null): bool
    {
        return ($this->components === [] || in_array($component, $this->components, true))
            && ($this->axles === [] || ($axle !== null && in_array($axle, $this->axles, true)))
            && ($features === null || $features->meets($this->needs));
    }

    /** Whether a value that a student says is right. */
    public function accepts(int $thousandths): bool
    {
        foreach ($this->parts() as $part) {
            if ($thousandths >= $part->acceptedLow && $thousandths <= $part->acceptedHigh) {
                return true;
            }
        }

        return false;
    }

    /** Whether it is a least or a most, so that it can be said the wrong way round. */
    public function isOneSided(): bool
    {
        return ($this->low === null) !== ($this->high === null);
    }

    /** The same figure with a vehicle's own limits, which are then what is accepted, too. */
    public function withLimits(?int $low, ?int $high, string $source, string $note): self
    {
        return new self(
            $this->id, $this->point, $this->components, $this->axles, $low, $high, $low ?? ($high ?? 0),
            $high ?? ($low ?? 0), $this->unit, $source, $note, [], $this->needs,
        );
    }

    /**
     * "at least 4/32 in", "no more than 1 in", "between 120 and 140 psi" or "exactly 3"; of several axles each with its
     * name.
     */
    public function said(): string
    {
        if ($this->byAxle !== []) {
            return implode(
                ', ',
                array_map(
                    static fn (string $axles, self $figure): string => $figure->said().' ('.$axles.')',
                    array_keys($this->byAxle),
                    $this->byAxle,
                ),
            );
        }
        if ($this->low !== null && $this->high !== null) {
            return $this->low === $this->high
                ? $this->unit->format($this->low)
                : 'between '.explode(' ', $this->unit->format($this->low))[0].' and '.$this->unit->format($this->high);
        }
        if ($this->low !== null) {
            return 'at least '.$this->unit->format($this->low);
        }

        return 'no more than '.$this->unit->format($this->high ?? 0);
    }
}
