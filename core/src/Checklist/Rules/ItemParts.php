<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

use Pasada\Core\Catalogue\PointSet;

/**
 * The equal parts that the weighted credit rule divides an item into: two for an essential point, one for a further
 * one.
 */
final readonly class ItemParts
{
    /** An item of more parts would not be shared out in whole units. */
    public const MOST = 16;

    public static function of(PointSet $essential, PointSet $further): int
    {
        return 2 * $essential->count() + $further->count();
    }

    public static function canBeShared(PointSet $essential, PointSet $further): bool
    {
        return self::of($essential, $further) <= self::MOST;
    }
}
