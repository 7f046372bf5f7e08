<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Rules\NotFittedRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Vehicle;

/** checklist x vehicle x form -> places and items: leaves out what is not asked, gives each axle its own items. */
final readonly class WalkPlanner
{
    public function __construct(private Checklist $checklist, private Vehicle $vehicle, private ?Form $form) {}

    /** @return list<Place> */
    public function places(): array
    {
        $places = [];
        $rank = 0;
        // Components asked once for the whole vehicle, once they have been.
        $done = [];
        foreach ($this->checklist->sections as $section) {
            if (! $this->checklist->forms->asks($section->id, $this->form)) {
                continue;
            }
            foreach ($this->stopsWithPlaces($section) as [$stop, $place]) {
                $items = [];
                foreach ($this->asked($stop, $place, $done) as [$component, $where, $features]) {
                    $item = $this->item($section, $component, $place->id, $where, $features, $rank);
                    if ($item !== null) {
                        $items[] = $item;
                        $rank++;
                    }
                }
                if ($items !== []) {
                    $axles = array_map(static fn (Axle $axle): string => $axle->id, $place->axles);
                    $places[] = new Place(
                        $place->id, $place->name, $section->id, $stop->id, $stop->zone, $stop->axles, $axles, $items,
                    );
                }
            }
        }

        return $places;
    }

    /**
     * The places of a section in walking order: stops at the same axles that follow each other are walked axle by axle.
     *
     * @return list<array{Stop, PlannedPlace}>
     */
    private function stopsWithPlaces(Section $section): array
    {
        $walked = $run = [];
        $group = null;
        foreach ($section->stops as $stop) {
            if ($stop->axles !== $group) {
                array_push($walked, ...self::axleByAxle($run));
                [$run, $group] = [[], $stop->axles];
            }
            $run[] = array_map(static fn (PlannedPlace $place): array => [$stop, $place], $this->placesAt($stop));
        }

        return [...$walked, ...self::axleByAxle($run)];
    }

    /**
     * @param  list<list<array{Stop, PlannedPlace}>>  $run  places by stop
     * @return list<array{Stop, PlannedPlace}>
     */
    private static function axleByAxle(array $run): array
    {
        $walked = [];
        for ($axle = 0; $axle < max([0, ...array_map(count(...), $run)]); $axle++) {
            foreach ($run as $places) {
                if (isset($places[$axle])) {
                    $walked[] = $places[$axle];
                }
            }
        }

        return $walked;
    }

    /**
     * What is asked at a spot, with where and with the features that hold there; a part asked of each axle of a spot
     * that has several comes with the rest of its axle.
     *
     * @param  array<string, true>  $done  components asked once for the whole vehicle, by reference
     * @return list<array{Component, Position, non-empty-list<FeatureSet>}>
     */
    private function asked(Stop $stop, PlannedPlace $place, array &$done): array
    {
        $byAxle = [];
        $turns = array_flip(array_map(static fn (Axle $axle): string => $axle->id, $place->axles));
        foreach ($stop->asks as $component) {
            foreach ($this->positions($component, $stop, $place, $done) as [$where, $features]) {
                $byAxle[$turns[$where->axle ?? ''] ?? 0][] = [$component, $where, $features];
            }
        }
        ksort($byAxle);

        return array_merge(...$byAxle);
    }

    /** @return list<PlannedPlace> the places on this vehicle that a stop stands for */
    private function placesAt(Stop $stop): array
    {
        if ($stop->axles === null) {
            return [
                new PlannedPlace(
                    $stop->id, $stop->name, [], true, [$this->vehicle->features], [$this->vehicle->features], true,
                ),
            ];
        }
        $axles = $this->vehicle->axlesOf($stop->axles);
        if ($axles === []) {
            return [];
        }
        $ofGroup = $this->featuresOf($axles);
        if ($this->checklist->rules->axles !== AxleRule::Each || count($axles) === 1) {
            return [new PlannedPlace($stop->id, $stop->name, $axles, true, $ofGroup, $ofGroup, count($axles) === 1)];
        }
        $places = [];
        foreach ($axles as $index => $axle) {
            $places[] = new PlannedPlace(
                $stop->id.'-'.($index + 1), $stop->name.' '.($index + 1), [$axle], $index === 0,
                $this->featuresOf([$axle]), $ofGroup, false,
            );
        }

        return $places;
    }

    /**
     * Where the component is asked at a spot, with the features that hold there; none where it was asked before.
     *
     * @param  array<string, true>  $done  by reference
     * @return list<array{Position, non-empty-list<FeatureSet>}>
     */
    private function positions(Component $component, Stop $stop, PlannedPlace $place, array &$done): array
    {
        $found = [];
        if ($stop->axles === null) {
            $found[] = [Position::anywhere(), [$this->vehicle->features]];
        } else {
            $rule = $component->axles ?? $this->checklist->rules->axles;
            if ($rule === AxleRule::All) {
                if (! isset($done[$component->id])) {
                    $found[] = [Position::anywhere(), $this->featuresOf($this->vehicle->axles())];
                    $done[$component->id] = true;
                }
            } elseif ($rule === AxleRule::Group || $place->isOnlyOne) {
                if ($place->first) {
                    $found[] = [Position::atAxle($stop->axles, $stop->axles->value), $place->groupFeatures];
                }
            } else {
                foreach ($place->axles as $n => $axle) {
                    $found[] = [Position::atAxle($stop->axles, $axle->id), [$place->features[$n]]];
                }
            }
        }
        if ($component->repeat !== Repeat::Side) {
            return $found;
        }
        $sides = [];
        foreach ($found as [$where, $features]) {
            $sides[] = [$where->onSide(Side::Left), $features];
            $sides[] = [$where->onSide(Side::Right), $features];
        }

        return $sides;
    }

    /**
     * What the vehicle and each of the axles have; one set without axles, of the vehicle alone.
     *
     * @param  list<Axle>  $axles
     * @return non-empty-list<FeatureSet>
     */
    private function featuresOf(array $axles): array
    {
        return $axles === []
            ? [$this->vehicle->features]
            : array_map(fn (Axle $axle): FeatureSet => $this->vehicle->features->with($axle->features), $axles);
    }

    /**
     * @param  non-empty-list<FeatureSet>  $features  of each axle that the item stands for: what one has and what
     *   another has make no part between them
     */
    private function item(
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
                ? $this->checklist->figuresForAll($component, $this->groupsWith($component), $this->vehicle)
                : $this->checklist->figuresFor($component, $where->group, $this->vehicle),
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

    /** @return list<AxleGroup> the groups of axles at which the component is fitted */
    private function groupsWith(Component $component): array
    {
        $groups = [];
        foreach ($this->vehicle->axles() as $axle) {
            if ($component->isFittedWith($this->vehicle->features->with($axle->features))) {
                $groups[$axle->group->value] = $axle->group;
            }
        }

        return array_values($groups);
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
            // An item that stands for a whole group of axles has the defect of any of them.
            if (
                $defect->axle === null ||
                $where->axle === null ||
                $where->axle === $defect->axle ||
                ($where->group !== null &&
                    $where->axle === $where->group->value &&
                    str_starts_with($defect->axle, $where->axle))
            ) {
                return $defect->what;
            }
        }

        return null;
    }
}
