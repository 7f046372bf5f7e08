<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\Repeat;
use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Rules\LightAsk;
use Pasada\Core\Checklist\Rules\LightRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Lights\LightPart;
use Pasada\Core\Lights\LightPlace;
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
        foreach ($this->walked() as [$section, $stop, $place, $stretch]) {
            $items = [];
            foreach ($this->asked($stop, $place, $done) as [$component, $where, $features]) {
                $item = $this->maker->item($section, $component, $place->id, $where, $features, $rank);
                foreach ($item === null ? [] : $this->asAsked($item) as $one) {
                    $items[] = $one;
                    $rank++;
                }
            }
            if ($items !== []) {
                $axles = array_map(static fn (Axle $axle): string => $axle->id, $place->axles);
                $places[] = new Place(
                    $place->id, $place->name, $section->id, $stop->id, $stop->zone, $stop->axles, $axles, $items,
                    $stretch, $place->unit?->id,
                );
            }
        }

        return $places;
    }

    /** @return list<Item> the item, or the parts of the light check where the checklist asks them */
    private function asAsked(Item $item): array
    {
        $rule = $this->checklist->rules->lights;
        if ($item->component !== LightRule::CHECK || $rule->ask === LightAsk::One) {
            return [$item];
        }
        $parts = LightPart::all(
            LightPlace::of($this->vehicle->features), $rule->ask === LightAsk::Places, $rule->isRoute,
        );

        return array_map(
            static fn (LightPart $part, int $n): Item => $item->ofLight($part, $item->rank + $n), $parts,
            array_keys($parts),
        );
    }

    /**
     * The places of all sections as they are walked: where the vehicle has several units to go along, unit by unit.
     *
     * @return list<array{Section, Stop, PlannedPlace, string}> with the stretch of the walk
     */
    private function walked(): array
    {
        $listed = [];
        foreach ($this->checklist->sections as $section) {
            if ($this->checklist->forms->asks($section->id, $this->form)) {
                foreach ($this->planner->placesOf($section) as [$stop, $place]) {
                    $listed[] = [$section, $stop, $place, $section->id];
                }
            }
        }
        $units = array_map(static fn (array $at): ?string => $at[2]->unit?->id, $listed);
        $first = null;
        foreach ($this->vehicle->units as $unit) {
            $first ??= in_array($unit->id, $units, true) ? $unit->id : null;
        }
        // All before, and with, the first unit; then each of the others; then what is listed behind all of them.
        $walked = $later = $behind = [];
        $isBehind = false;
        foreach ($listed as $n => $at) {
            $unit = $units[$n];
            if ($unit !== null && $unit !== $first) {
                $later[$unit][] = [$at[0], $at[1], $at[2], $at[0]->id.' '.$unit];
            } elseif ($isBehind) {
                $behind[] = $at;
            } else {
                $walked[] = $at;
                $isBehind = $first !== null && ! in_array($first, array_slice($units, $n + 1), true);
            }
        }
        foreach ($this->vehicle->units as $unit) {
            array_push($walked, ...($later[$unit->id] ?? []));
        }

        return [...$walked, ...$behind];
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
        foreach ($this->components($stop, $place) as $component) {
            foreach ($this->positions($component, $stop, $place, $done) as [$where, $features]) {
                $byAxle[$turns[$where->axle ?? ''] ?? 0][] = [$component, $where, $features];
            }
        }
        ksort($byAxle);

        return array_merge(...$byAxle);
    }

    /**
     * Lines run over every coupling: between two trailers they are seen there, and not behind the cab.
     *
     * @return list<Component>
     */
    private function components(Stop $stop, PlannedPlace $place): array
    {
        if (! $place->isCoupling || $place->unit === $this->vehicle->units[1]) {
            return $stop->asks;
        }
        $lines = [];
        foreach ($this->checklist->sections as $section) {
            foreach ($this->checklist->forms->asks($section->id, $this->form) ? $section->stops : [] as $other) {
                if ($other !== $stop && $other->axles === null) {
                    $isLine = static fn (Component $one): bool => str_starts_with($one->id, 'lines.');
                    array_push($lines, ...array_filter($other->asks, $isLine));
                }
            }
        }

        return [...$lines, ...$stop->asks];
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
            // The only coupling needs no name.
            $isNamed = $place->unit !== null && ! ($place->isCoupling && count($this->vehicle->units) === 2);
            $found[] = [$isNamed ? Position::atUnit($place->unit) : Position::anywhere(), $place->features];
        } else {
            $rule = $component->axles ?? $this->checklist->rules->axles;
            if ($rule === AxleRule::All) {
                if (! isset($done[$component->id])) {
                    $found[] = [Position::anywhere(), $this->vehicle->featuresAt(...$this->vehicle->axles())];
                    $done[$component->id] = true;
                }
            } elseif ($rule === AxleRule::Group || $place->isOnlyOne) {
                if ($place->first) {
                    $span = $place->axles[0];
                    $found[] = [
                        Position::atAxle($stop->axles, $span->span, $span->spanLabel), $place->spanFeatures,
                    ];
                }
            } else {
                foreach ($place->axles as $n => $axle) {
                    $found[] = [Position::atAxle($stop->axles, $axle->id, $axle->label), [$place->features[$n]]];
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
