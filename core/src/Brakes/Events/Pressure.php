<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

/** Both gauges at one moment, in psi. */
final readonly class Pressure
{
    public function __construct(public float $primary, public float $secondary) {}

    public function lower(): float
    {
        return min($this->primary, $this->secondary);
    }

    public function higher(): float
    {
        return max($this->primary, $this->secondary);
    }

    /** What was lost since, on the gauge that lost more. */
    public function lostTo(self $later): float
    {
        return max($this->primary - $later->primary, $this->secondary - $later->secondary);
    }

    /** The pressures on the straight way to later ones. */
    public function towards(self $later, float $share): self
    {
        return new self(
            $this->primary + $share * ($later->primary - $this->primary),
            $this->secondary + $share * ($later->secondary - $this->secondary),
        );
    }
}
