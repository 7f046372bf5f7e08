<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\AxleRule;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\NotFittedRule;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Vehicle\Axle;
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
            foreach ($section->stops as $stop) {
                foreach ($this->spots($stop) as $spot) {
                    $items = [];
                    foreach ($stop->asks as $component) {
                        foreach ($this->positions($component, $stop, $spot, $done) as [$where, $features]) {
                            $item = $this->item($section, $component, $spot->id, $where, $features, $rank);
                            if ($item !== null) {
                                $items[] = $item;
                                $rank++;
                            }
                        }
                    }
                    if ($items !== []) {
                        $places[] = new Place($spot->id, $spot->name, $section->id, $stop->zone, $stop->axles, array_map(static fn (Axle $axle): string => $axle->id, $spot->axles), $items);
                    }
                }
            }
        }

        return $places;
    }

    /** @return list<Spot> the spots on this vehicle that a stop stands for */
    private function spots(Stop $stop): array
    {
        if ($stop->axles === null) {
            return [new Spot($stop->id, $stop->name, [], true, $this->vehicle->features, $this->vehicle->features, true)];
        }
        $axles = $this->vehicle->axlesOf($stop->axles);
        if ($axles === []) {
            return [];
        }
        $ofGroup = $this->featuresOf($axles);
        if ($this->checklist->rules->axles !== AxleRule::Each || count($axles) === 1) {
            return [new Spot($stop->id, $stop->name, $axles, true, $ofGroup, $ofGroup, count($axles) === 1)];
        }
        $spots = [];
        foreach ($axles as $index => $axle) {
            $spots[] = new Spot($stop->id.'-'.($index + 1), $stop->name.' '.($index + 1), [$axle], $index === 0, $this->featuresOf([$axle]), $ofGroup, false);
        }

        return $spots;
    }

    /**
     * Where the component is asked at a spot, with the features that hold there; none where it was asked before.
     *
     * @param  array<string, true>  $done  by reference
     * @return list<array{Position, FeatureSet}>
     */
    private function positions(Component $component, Stop $stop, Spot $spot, array &$done): array
    {
        $found = [];
        if ($stop->axles === null) {
            $found[] = [Position::anywhere(), $this->vehicle->features];
        } else {
            $rule = $component->axles ?? $this->checklist->rules->axles;
            if ($rule === AxleRule::All) {
                if (! isset($done[$component->id])) {
                    $found[] = [Position::anywhere(), $this->featuresOf($this->vehicle->axles())];
                    $done[$component->id] = true;
                }
            } elseif ($rule === AxleRule::Group || $spot->isOnlyOne) {
                if ($spot->first) {
                    $found[] = [Position::atAxle($stop->axles, $stop->axles->value), $spot->groupFeatures];
                }
            } else {
                foreach ($spot->axles as $axle) {
                    $found[] = [Position::atAxle($stop->axles, $axle->id), count($spot->axles) === 1 ? $spot->features : $this->featuresOf([$axle])];
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

    /** @param  list<Axle>  $axles */
    private function featuresOf(array $axles): FeatureSet
    {
        $features = $this->vehicle->features;
        foreach ($axles as $axle) {
            $features = $features->with($axle->features);
        }

        return $features;
    }

    private function item(Section $section, Component $component, string $place, Position $where, FeatureSet $features, int $rank): ?Item
    {
        $rules = $this->checklist->rules;
        $fitted = $component->isFittedWith($features);
        if (! $fitted && ($rules->notFitted === NotFittedRule::ByVehicle || ! $component->canBeWaved($features))) {
            return null;
        }
        // A part that is not there has all its points listed: nothing tells which of them would make sense.
        $essential = $fitted ? $component->asked($component->essential, $features) : $component->essential;
        if ($essential->isEmpty()) {
            return null;
        }
        $further = $fitted ? $component->asked($component->further, $features) : $component->further;

        return new Item(
            $where->key() === '' ? $component->id : $component->id.'@'.$where->key(),
            $component->id, $component->name, $where, $place, $section->id,
            $essential, $further, $essential->with($further), $component->weight,
            $this->checklist->figuresFor($component, $where->group, $this->vehicle), $component->say, $component->drive?->drivenBy($features), $rank,
            $component->credit ?? $section->credit ?? $rules->credit, $component->bonus, $component->repeat === Repeat::TwoSided,
            array_map(static fn (Component $part): string => $part->name, $component->fittedParts($features)),
            $fitted, $this->defect($component, $where),
        );
    }

    private function defect(Component $component, Position $where): ?string
    {
        $covered = [$component->id, ...array_map(static fn (Component $part): string => $part->id, $component->parts)];
        foreach ($this->vehicle->defects as $defect) {
            if (! in_array($defect->component, $covered, true)) {
                continue;
            }
            // An item that stands for a whole group of axles has the defect of any of them.
            if ($defect->axle === null || $where->axle === null || $where->axle === $defect->axle || ($where->group !== null && $where->axle === $where->group->value && str_starts_with($defect->axle, $where->axle))) {
                return $defect->what;
            }
        }

        return null;
    }
}
