<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;

/** The stretch of words that a proposal rests on. */
final readonly class Evidence
{
    /** @param  list<Point>  $points  what was said there; empty where the part was only named or referred to */
    public function __construct(
        /** Seconds: when the cue begins in which the stretch begins. */
        public float $at,
        public string $text,
        /** Index of the first word. */
        public int $from,
        /** Index after the last word. */
        public int $to,
        public array $points = [],
    ) {}
}
