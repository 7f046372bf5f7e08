<?php

declare(strict_types=1);

namespace Pasada\Core\Coaching;

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/** What is mixed up most about an item's figure: that of the same part elsewhere, or a limit the wrong way around. */
final readonly class UsualMistake
{
    /** @return string|null in words; null where the item has no figure that is easily mixed up */
    public static function of(Inspection $inspection, Item $item): ?string
    {
        $own = array_values($item->figures)[0] ?? null;
        if ($own === null) {
            return null;
        }
        foreach ($inspection->items as $other) {
            $theirs = array_values($other->figures)[0] ?? null;
            if ($other->component === $item->component && $theirs !== null && $theirs->said() !== $own->said()) {
                return sprintf('"%s", which is for the %s', $theirs->said(), $other->position->label());
            }
        }

        return array_filter($item->figures, static fn (Figure $one): bool => $one->isOneSided()) === []
            ? null : 'the limit said the wrong way around';
    }
}
