<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Lexicon;

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

    /** Which of a part's points it states; null where the part is asked none of them. */
    public function pointOf(Part $part): ?Point
    {
        // A latch that is "secure" or "in place" is locked.
        if (
            $this->points[0] === Point::Mounted &&
            in_array(Point::Locked, $this->points, true) &&
            $part->essential->has(Point::Locked) &&
            ! $part->essential->has(Point::Mounted)
        ) {
            return Point::Locked;
        }
        foreach ($this->points as $point) {
            if ($part->points->has($point)) {
                return $point;
            }
        }

        return null;
    }
}
