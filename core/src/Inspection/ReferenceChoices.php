<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Rules\CarryScope;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Vehicle\AxleGroup;

/** What a student standing at a place may refer to, by the checklist's carry-over rule. */
final readonly class ReferenceChoices
{
    /**
     * @return array<string, string> words by axle or side, as "steer" => "steer axle"; empty where no reference is
     *   credited
     */
    public static function at(Inspection $inspection, Place $place): array
    {
        $rules = $inspection->checklist->rules;
        if ($rules->carryOver->scopes === []) {
            return [];
        }
        $bothSides = $rules->sides === SideRule::Both;

        return self::named(
            $inspection,
            $place,
            static fn (Item $item): bool => $rules->carryOver->allows(CarryScope::Side) &&
                ($item->position->side !== null || $bothSides),
            static fn (AxleGroup $at, AxleGroup $from): bool => $rules->carryOver->allowsAxles($at, $from),
        );
    }

    /**
     * What a student may name all the same, and earns nothing by under this checklist: it can be marked, so that the
     * debrief can tell of it.
     *
     * @return array<string, string> as at()
     */
    public static function uncredited(Inspection $inspection, Place $place): array
    {
        $yes = static fn (): bool => true;

        return array_diff_key(self::named($inspection, $place, $yes, $yes), self::at($inspection, $place));
    }

    /**
     * @param  callable(Item): bool  $isSideNamed  whether a side of the item counts as named
     * @param  callable(AxleGroup, AxleGroup): bool  $isAxleNamed  likewise an axle's group, at one of the first group
     * @return array<string, string>
     */
    private static function named(
        Inspection $inspection, Place $place, callable $isSideNamed, callable $isAxleNamed,
    ): array {
        $choices = [];
        $isFree = ! $inspection->checklist->rules->order->sectionsFixed;
        $atAxles = [];
        foreach ($inspection->items as $item) {
            if ($item->position->group !== null) {
                $atAxles[$item->component][] = $item;
            }
        }
        foreach ($place->items as $item) {
            foreach ($isSideNamed($item) ? self::sides($item) : [] as $side) {
                $choices[$side->value] = $side->value.' side';
            }
            foreach ($atAxles[$item->component] ?? [] as $source) {
                $from = $source->position;
                // Where sections are free, an axle further on may have been walked before.
                if (
                    ($isFree || $source->rank < $item->rank) &&
                    $from->axle !== null &&
                    $from->group !== null &&
                    $item->position->group !== null &&
                    $from->axle !== $item->position->axle &&
                    $isAxleNamed($item->position->group, $from->group)
                ) {
                    $choices[$from->axle] = $from->axleLabel();
                }
            }
        }

        return $choices;
    }

    /**
     * @return list<Side> sides that can be named at an item: the other one, or either of a part that has two
     */
    private static function sides(Item $item): array
    {
        return match (true) {
            $item->position->side !== null => [$item->position->side === Side::Left ? Side::Right : Side::Left],
            $item->twoSided => [Side::Left, Side::Right],
            default => [],
        };
    }
}
