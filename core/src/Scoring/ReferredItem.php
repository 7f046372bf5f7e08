<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Reference;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\CarryOver;
use Pasada\Core\Checklist\Rules\CarryScope;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;

/** Finds the item that is named where another is said to be the same. */
final readonly class ReferredItem
{
    private CarryOver $rule;

    public function __construct(private Inspection $inspection)
    {
        $this->rule = $inspection->checklist->rules->carryOver;
    }

    /** The item that a reference means for this one; null where there is none or the rule does not credit it. */
    public function by(Item $item, Reference $reference): ?Item
    {
        $at = $item->position;
        [$axle, $side] = [$reference->of->from->axle, $reference->of->from->side];
        if ($side !== null) {
            return $this->rule->allows(CarryScope::Side) ? $this->onSide($item, $side) : null;
        }
        if ($at->axle === null || $at->axle === $axle) {
            return null;
        }
        $key = implode('.', array_filter([$axle, $at->side?->value], is_string(...)));
        $source = $this->inspection->item($item->component.'@'.$key);

        return $source?->position->group !== null && $at->group !== null && ! $reference->isAhead()
            && $this->rule->allowsAxles($at->group, $source->position->group) ? $source : null;
    }

    /** The same item on the side that is named: one of its own, or the other half of an item that has both. */
    private function onSide(Item $item, Side $side): ?Item
    {
        if ($item->position->side !== null) {
            return $item->position->side === $side
                ? null
                : $this->inspection->item($item->component.'@'.$item->position->onSide($side)->key());
        }

        return $item->twoSided && $this->inspection->checklist->rules->sides === SideRule::Both ? $item : null;
    }

    /**
     * Points that mean the same at both: a figure that differs, as the tread or an axle's own pressure, has to be said
     * itself.
     */
    public static function carriable(Item $item, Item $source): int
    {
        $bits = $item->points->bits | PointSet::identified()->bits;
        foreach ($item->points->points() as $point) {
            $figure = $item->figures[$point->value] ?? null;
            $there = $source->figures[$point->value] ?? null;
            if ($figure !== null && ($there === null || ! $figure->isSameAs($there))) {
                $bits &= ~PointSet::of($point)->bits;
            }
        }

        return $bits;
    }
}
