<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Rules\CarryScope;
use Pasada\Core\Checklist\Rules\SideRule;

/** What a student standing at a place may refer to, by the checklist's carry-over rule. */
final readonly class ReferenceChoices
{
    /**
     * @return array<string, string> words by axle or side, as "steer" => "steer axle"; empty where no reference is
     *   credited
     */
    public static function at(Inspection $inspection, Place $place): array
    {
        $rule = $inspection->checklist->rules->carryOver;
        if ($rule->scopes === []) {
            return [];
        }
        $choices = [];
        $bothSides = $inspection->checklist->rules->sides === SideRule::Both;
        $isFree = ! $inspection->checklist->rules->order->sectionsFixed;
        foreach ($place->items as $item) {
            foreach ($rule->allows(CarryScope::Side) ? self::sides($item, $bothSides) : [] as $side) {
                $choices[$side->value] = $side->value.' side';
            }
            foreach ($inspection->items as $source) {
                $from = $source->position;
                // Where sections are free, an axle further on may have been walked before.
                if (
                    ($isFree || $source->rank < $item->rank) &&
                    $source->component === $item->component &&
                    $from->axle !== null &&
                    $from->group !== null &&
                    $item->position->group !== null &&
                    $from->axle !== $item->position->axle &&
                    $rule->allowsAxles($item->position->group, $from->group)
                ) {
                    $choices[$from->axle] = $from->axleLabel();
                }
            }
        }

        return $choices;
    }

    /**
     * @return list<Side> sides that can be named at an item: the other one, or either of a part that is needed on both
     */
    private static function sides(Item $item, bool $bothSides): array
    {
        return match (true) {
            $item->position->side !== null => [$item->position->side === Side::Left ? Side::Right : Side::Left],
            $item->twoSided && $bothSides => [Side::Left, Side::Right],
            default => [],
        };
    }
}
