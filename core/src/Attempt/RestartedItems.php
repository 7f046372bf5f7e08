<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Checklist\Rules\BrakeRules;
use Pasada\Core\Inspection\Item;

/** The items that are said anew when the brake tests are restarted: from the named test on, or all of the section. */
final readonly class RestartedItems
{
    /**
     * @param  array<string, Item>  $items  of an inspection, in walking order
     * @return list<string> ids
     */
    public static function of(BrakeRules $rules, array $items): array
    {
        $ids = [];
        $begun = $rules->restartFrom === null;
        foreach ($items as $id => $item) {
            $begun = $begun || $item->component === $rules->restartFrom?->component();
            if ($begun && $item->section === $rules->section) {
                $ids[] = $id;
            }
        }

        return $ids;
    }
}
