<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\CarryScope;

/** What a student standing at a place may refer to, by the checklist's carry-over rule. */
final readonly class ReferenceChoices
{
    /** @return array<string, string> words by axle or side, as "steer" => "steer axle"; empty where no reference is credited */
    public static function at(Inspection $inspection, Place $place): array
    {
        $rule = $inspection->checklist->rules->carryOver;
        if ($rule->scopes === []) {
            return [];
        }
        $choices = [];
        foreach ($place->items as $item) {
            $side = $item->position->side;
            if ($side !== null && $rule->allows(CarryScope::Side)) {
                $other = $side === Side::Left ? Side::Right : Side::Left;
                $choices[$other->value] = $other->value.' side';
            }
            foreach ($inspection->items as $source) {
                $from = $source->position;
                if ($source->rank < $item->rank && $source->component === $item->component && $from->axle !== null && $from->group !== null
                    && $item->position->group !== null && $from->axle !== $item->position->axle && $rule->allowsAxles($item->position->group, $from->group)) {
                    $choices[$from->axle] = $from->axleLabel();
                }
            }
        }

        return $choices;
    }
}
