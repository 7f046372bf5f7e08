<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Vehicle\AxleGroup;

/** A figure that belongs to a point: its limits, what is accepted when said, the unit, and where it comes from. */
final readonly class Figure
{
    /**
     * @param  list<string>  $components  the components it holds for; empty means every component with the point
     * @param  list<AxleGroup>  $axles  the axles it holds for; empty means everywhere
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
        public Unit $unit,
        public string $source,
        public string $note,
    ) {}

    public function holdsFor(string $component, ?AxleGroup $axle): bool
    {
        return ($this->components === [] || in_array($component, $this->components, true))
            && ($this->axles === [] || ($axle !== null && in_array($axle, $this->axles, true)));
    }

    /** Whether a value that a student says is right. */
    public function accepts(int $thousandths): bool
    {
        return $thousandths >= $this->acceptedLow && $thousandths <= $this->acceptedHigh;
    }

    /** The same figure with a vehicle's own limits, which are then what is accepted, too. */
    public function withLimits(?int $low, ?int $high, string $source, string $note): self
    {
        return new self($this->id, $this->point, $this->components, $this->axles, $low, $high, $low ?? $high ?? 0, $high ?? $low ?? 0, $this->unit, $source, $note);
    }

    /** "at least 4/32 in", "no more than 1 in", "between 120 and 140 psi" or "exactly 3". */
    public function said(): string
    {
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
