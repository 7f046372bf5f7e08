<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

use Pasada\Core\Brakes\Events\Pressure;

/** What the gauges showed at a moment of the run, in ms. */
final readonly class Reading
{
    public function __construct(public int $atMs, public Pressure $pressure) {}
}
