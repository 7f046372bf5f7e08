<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Vehicle;

/** checklist x vehicle x form -> places and items: leaves out what is not asked, gives each axle its own items. */
final readonly class WalkPlanner
{
    private PlacePlanner $planner;

    private ItemMaker $maker;

    public function __construct(private Checklist $checklist, private Vehicle $vehicle, private ?Form $form)
    {
        $this->planner = new PlacePlanner($vehicle, $checklist->rules->axles);
        $this->maker = new ItemMaker($checklist, $vehicle);
    }

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
            foreach ($this->planner->placesOf($section) as [$stop, $place]) {
                $items = [];
                foreach ($this->asked($stop, $place, $done) as [$component, $where, $features]) {
                    $item = $this->maker->item($section, $component, $place->id, $where, $features, $rank);
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
                    $found[] = [Position::anywhere(), $this->vehicle->featuresAt(...$this->vehicle->axles())];
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
}
