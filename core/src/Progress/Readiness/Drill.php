<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

/** An item to practice, with what that brings. */
final readonly class Drill
{
    /** @param  float  $gain  of the chance to pass, 0 to 1 */
    public function __construct(public string $item, public float $minutes, public float $gain) {}

    public function perMinute(): float
    {
        return $this->gain / $this->minutes;
    }
}
