<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;

/** What a word of a statement is about: points in order of preference, of which the part's own are taken. */
final readonly class Statement
{
    /** @param  non-empty-list<Point>  $points */
    public function __construct(
        public array $points,
        /** True for a fault word ("cracked"), which is sound when denied; false for a sound word ("tight"). */
        public bool $isFault,
    ) {}
}
