<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Checklist\Rules\ItemParts;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Checklist\Rules\WrongRule;
use Pasada\Core\Inspection\Item;

/**
 * What an item earns, in whole units: no float decides a result.
 *
 * One item of weight 1 is worth UNIT. 720720 is the least number that 1 to 16 all divide, so every share
 * of up to sixteen parts (an essential point is two, a further point one) is exact; four times that, so that half an
 * item for one side, and half of that half for a part of it, are whole units too.
 */
final readonly class Credit
{
    public const UNIT = 4 * 720_720;

    public static function possible(Item $item): int
    {
        return self::worth($item, self::UNIT);
    }

    /** What a share of UNIT of an item is worth: its weight, or its part of the weight of the light check. */
    public static function worth(Item $item, int $share): int
    {
        return intdiv($item->weight * $share, $item->shareOf());
    }

    /**
     * What a hearing earns of an item by what was said in time, and where asked also by what was said late: UNIT for
     * all of it. The item's weight has no part in it, so that one that counts for nothing is judged like any other.
     */
    public static function share(Item $item, Hearing $hearing, Rules $rules, bool $withLate = false): int
    {
        if ($rules->wrong === WrongRule::Item && ! $hearing->wrong->isEmpty()) {
            return 0;
        }
        $both = $withLate ? $hearing->inTime->with($hearing->late) : $hearing->inTime;
        $left = $withLate ? $hearing->left->with($hearing->lateLeft) : $hearing->left;
        $right = $withLate ? $hearing->right->with($hearing->lateRight) : $hearing->right;
        if (! $item->twoSided || $rules->sides === SideRule::One) {
            return self::ofPoints($item, $both, $rules);
        }

        return intdiv(
            self::ofPoints($item, $both->with($left), $rules) + self::ofPoints($item, $both->with($right), $rules),
            2,
        );
    }

    private static function ofPoints(Item $item, PointSet $heard, Rules $rules): int
    {
        $said = $heard->common($item->points);
        if ($said->isEmpty()) {
            // Under every rule an item that was only pointed at and named earns nothing: there is no true statement.
            return 0;
        }

        return match ($item->credit) {
            CreditRule::Named => self::UNIT,
            CreditRule::Essential => self::allOrPart($said->includes($item->essential), $rules),
            CreditRule::Full => self::allOrPart($said->includes($item->points), $rules),
            CreditRule::Weighted => intdiv(self::UNIT, ItemParts::of($item->essential, $item->further))
                * ItemParts::of($said->common($item->essential), $said->common($item->further)),
        };
    }

    private static function allOrPart(bool $all, Rules $rules): int
    {
        return $all ? self::UNIT : ($rules->halfForPart ? intdiv(self::UNIT, 2) : 0);
    }
}
