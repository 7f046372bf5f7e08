<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

/** Pressures at one moment, in psi; the gauges show primary and secondary. */
final readonly class AirSample
{
    public function __construct(
        public int $atMs,
        public float $supply,
        public float $primary,
        public float $secondary,
        public float $trailer,
        /** What the primary gauge shows, which may be wrong. */
        public float $primaryGauge,
        public bool $warning,
    ) {}
}
