<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Health;

use Pasada\Core\Progress\Model\Normal;
use Pasada\Core\Progress\Model\School;

/** How a scorer scores beside the others, in items of 100 that a usual student gains or loses by it. */
final readonly class Leaning
{
    /** Fewer attempts than this say nothing of a scorer. */
    private const LEAST = 5;

    /** Less than this is nothing to talk about, however sure it is. */
    private const LEAST_ITEMS = 1.0;

    /** Items in 100 for one on the logit scale, where about four in five are earned: 100 p (1 - p). */
    private const ITEMS = 16.0;

    private function __construct(
        public Way $way,
        /** Below nought is stricter; null where too little is known. */
        public ?float $itemsOf100,
        /** To either side, in four of five cases. */
        public float $doubt,
    ) {}

    /** @param  School|null  $school  null while it is fitted for the first time */
    public static function of(?School $school, string $scorer, int $attempts): self
    {
        $strict = $school->strictness[$scorer] ?? null;
        if ($school === null || $strict === null || $attempts < self::LEAST) {
            return new self(Way::Unknown, null, 0.0);
        }
        $items = -self::ITEMS * $strict;
        $doubt = Normal::REACH * self::ITEMS * $school->traits->days / sqrt($attempts);

        return new self(match (true) {
            abs($items) <= max($doubt, self::LEAST_ITEMS) => Way::Alike,
            $items < 0.0 => Way::Stricter,
            default => Way::Milder,
        }, $items, $doubt);
    }
}
