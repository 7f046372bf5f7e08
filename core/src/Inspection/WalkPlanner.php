<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\AxleRule;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Vehicle;

/** checklist x vehicle -> places and items: leaves out what is not fitted, gives each axle its own items. */
final readonly class WalkPlanner
{
    public function __construct(private Checklist $checklist, private Vehicle $vehicle) {}

    /** @return list<Place> */
    public function places(): array
    {
        $places = [];
        $rank = 0;
        foreach ($this->checklist->sections as $section) {
            foreach ($section->stops as $stop) {
                foreach ($this->spots($stop) as [$id, $name, $position, $axles, $features]) {
                    $items = $this->items($section, $stop, $id, $position, $features, $rank);
                    if ($items !== []) {
                        $rank += count($items);
                        $places[] = new Place($id, $name, $section->id, $stop->zone, $stop->axles, $axles, $items);
                    }
                }
            }
        }

        return $places;
    }

    /**
     * The spots on this vehicle that a stop stands for.
     *
     * @return list<array{string, string, Position, list<string>, FeatureSet}> place id, name, position, axle ids, features
     */
    private function spots(Stop $stop): array
    {
        if ($stop->axles === null) {
            return [[$stop->id, $stop->name, Position::anywhere(), [], $this->vehicle->features]];
        }
        $axles = $this->vehicle->axlesOf($stop->axles);
        if ($axles === []) {
            return [];
        }
        if ($this->checklist->rules->axles === AxleRule::Group || count($axles) === 1) {
            $features = $this->vehicle->features;
            foreach ($axles as $axle) {
                $features = $features->with($axle->features);
            }

            return [[$stop->id, $stop->name, Position::atAxle($stop->axles, $stop->axles->value), array_map(static fn (Axle $axle): string => $axle->id, $axles), $features]];
        }
        $spots = [];
        foreach ($axles as $index => $axle) {
            $spots[] = [$stop->id.'-'.($index + 1), $stop->name.' '.($index + 1), Position::atAxle($stop->axles, $axle->id), [$axle->id], $this->vehicle->features->with($axle->features)];
        }

        return $spots;
    }

    /** @return list<Item> */
    private function items(Section $section, Stop $stop, string $place, Position $position, FeatureSet $features, int $rank): array
    {
        $items = [];
        foreach ($stop->asks as $component) {
            if (! $component->isFittedWith($features)) {
                continue;
            }
            $essential = $component->asked($component->essential, $features);
            if ($essential->isEmpty()) {
                continue;
            }
            $further = $component->asked($component->further, $features);
            foreach ($this->positions($component, $position) as $where) {
                $items[] = new Item(
                    $where->key() === '' ? $component->id : $component->id.'@'.$where->key(),
                    $component->id, $component->name, $where, $place, $section->id,
                    $essential, $further, $essential->with($further), $component->weight,
                    $this->checklist->figuresFor($component, $where->group), $component->say, $component->drive?->drivenBy($features), $rank + count($items),
                );
            }
        }

        return $items;
    }

    /** @return list<Position> */
    private function positions(Component $component, Position $position): array
    {
        return match ($component->repeat) {
            Repeat::Once => [$position],
            Repeat::Side => [$position->onSide(Side::Left), $position->onSide(Side::Right)],
        };
    }
}
