<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Rules\NotFittedRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Vehicle;

/** Makes the item of a component at a position, where this vehicle has it or it may be waved. */
final readonly class ItemMaker
{
    public function __construct(private Checklist $checklist, private Vehicle $vehicle) {}

    /**
     * @param  non-empty-list<FeatureSet>  $features  of each axle that the item stands for: what one has and what
     *   another has make no part between them
     */
    public function item(
        Section $section, Component $component, string $place, Position $where, array $features, int $rank,
    ): ?Item {
        $rules = $this->checklist->rules;
        $having = array_values(array_filter($features, $component->isFittedWith(...)));
        if (
            $having === [] &&
            ($rules->notFitted === NotFittedRule::ByVehicle ||
                array_filter($features, $component->canBeWaved(...)) === [])
        ) {
            return null;
        }
        // A part that is not there has all its points listed: nothing tells which of them would make sense.
        [$essential, $further] =
            $having === [] ? [$component->essential, $component->further] : $this->points($component, $having);
        if ($essential->isEmpty()) {
            return null;
        }
        $parts = [];
        foreach ($component->parts === [] ? [] : $having as $one) {
            foreach ($component->fittedParts($one) as $part) {
                $parts[$part->id] = $part->name;
            }
        }
        // Only an item that stands for all axles has no axle of its own and yet features of some.
        $isForAll = $where->axle === null && count($features) > 1;

        $at = $where->key();

        return new Item(
            $at === '' ? $component->id : $component->id.'@'.$at,
            $component->id,
            $component->name,
            $where,
            $place,
            $section->id,
            $essential,
            $further,
            $essential->with($further),
            $component->weight,
            $isForAll
                ? $this->checklist->figuresForAll($component, $this->axlesWith($component), $this->vehicle)
                : $this->checklist->figuresFor(
                    $component, $where->group, $this->vehicle, $having[0] ?? $features[0],
                ),
            $component->say,
            $component->drive?->drivenBy($features[0]),
            $rank,
            $component->credit ?? ($section->credit ?? $rules->credit),
            $component->bonus,
            $component->repeat === Repeat::TwoSided,
            array_values($parts),
            $having !== [],
            $this->defect($component, $where),
        );
    }

    /**
     * @param  non-empty-list<FeatureSet>  $having
     * @return array{PointSet, PointSet} essential and further points that make sense at one of the axles at least
     */
    private function points(Component $component, array $having): array
    {
        $essential = $component->essentialWith($having[0]);
        $further = $component->furtherWith($having[0]);
        foreach (array_slice($having, 1) as $features) {
            $essential = $essential->with($component->essentialWith($features));
            $further = $further->with($component->furtherWith($features));
        }

        return [$essential, $further->without($essential)];
    }

    /** @return list<Axle> the first axle of each group at which the component is fitted */
    private function axlesWith(Component $component): array
    {
        $axles = [];
        foreach ($this->vehicle->axles() as $axle) {
            if ($component->isFittedWith($this->vehicle->features->with($axle->features))) {
                $axles[$axle->group->value] ??= $axle;
            }
        }

        return array_values($axles);
    }

    private function defect(Component $component, Position $where): ?string
    {
        foreach ($this->vehicle->defects as $defect) {
            if (
                ! in_array(
                    $defect->component,
                    [$component->id, ...array_map(static fn (Component $part): string => $part->id, $component->parts)],
                    true,
                )
            ) {
                continue;
            }
            // An item that stands for a whole span of axles has the defect of any of them.
            $span = $defect->axle === null ? null : $this->vehicle->axle($defect->axle)?->span;
            $isHere = $where->axle === null || in_array($where->axle, [$defect->axle, $span], true);
            $isAtUnit = $where->unit === null || in_array($defect->unit, [null, $where->unit], true);
            if ($defect->axle === null ? $isAtUnit : $isHere) {
                return $defect->what;
            }
        }

        return null;
    }
}
