<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Practice;

use Pasada\Core\Progress\Readiness\Drill;

/** What to practice on one day. */
final readonly class Session
{
    /** @param  list<Drill>  $drills  with what each adds to the chance to pass */
    public function __construct(
        /** Days since 1970. */
        public float $on,
        public array $drills,
    ) {}

    public function minutes(): float
    {
        return array_sum(array_map(static fn (Drill $drill): float => $drill->minutes, $this->drills));
    }

    public function gain(): float
    {
        return array_sum(array_map(static fn (Drill $drill): float => $drill->gain, $this->drills));
    }
}
