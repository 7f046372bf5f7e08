<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Unit;
use Pasada\Core\Vehicle\Vehicle;

/** The places of a section on one vehicle, in walking order. */
final readonly class PlacePlanner
{
    public function __construct(private Vehicle $vehicle, private AxleRule $axles) {}

    /**
     * The places of a section in walking order: stops at the same axles, and stops at the same unit, that follow each
     * other are walked axle by axle and unit by unit.
     *
     * @return list<array{Stop, PlannedPlace}>
     */
    public function placesOf(Section $section): array
    {
        $walked = $run = [];
        $kind = null;
        foreach ($section->stops as $stop) {
            if (self::kindOf($stop) !== $kind) {
                array_push($walked, ...self::oneByOne($run));
                [$run, $kind] = [[], self::kindOf($stop)];
            }
            foreach ($this->placesAt($stop) as $place) {
                $run[] = [$stop, $place];
            }
        }

        return [...$walked, ...self::oneByOne($run)];
    }

    /** Stops of one kind are at the same axles or units. */
    private static function kindOf(Stop $stop): string
    {
        return $stop->axles === null ? ($stop->zone->isAtBody() ? 'body' : $stop->zone->value) : $stop->axles->value;
    }

    /**
     * @param  list<array{Stop, PlannedPlace}>  $run  places by stop
     * @return list<array{Stop, PlannedPlace}>
     */
    private static function oneByOne(array $run): array
    {
        $bySpot = [];
        foreach ($run as [$stop, $place]) {
            $spot = $place->axles === [] ? ($place->unit->id ?? '') : $place->axles[0]->id;
            $bySpot[$spot][] = [$stop, $place];
        }

        return array_merge(...array_values($bySpot));
    }

    /** @return list<PlannedPlace> the places on this vehicle that a stop stands for */
    private function placesAt(Stop $stop): array
    {
        if ($stop->axles !== null) {
            return $this->atAxles($stop, $this->vehicle->axlesOf($stop->axles));
        }
        if ($this->vehicle->isAskedByUnit()) {
            if ($stop->zone->isAtBody()) {
                return $this->bodies($stop);
            }
            if ($stop->zone === Zone::Coupling) {
                return $this->couplings($stop);
            }
        }

        return [
            new PlannedPlace(
                $stop->id, $stop->name, [], true, [$this->vehicle->features], [$this->vehicle->features], true,
            ),
        ];
    }

    /** @return list<PlannedPlace> one for each unit that has a body, or a frame of its own as a dolly has */
    private function bodies(Stop $stop): array
    {
        $places = [];
        foreach ($this->vehicle->units as $unit) {
            if (! $unit->kind->isTractor()) {
                $places[] = $this->atUnit($stop, $unit, $this->vehicle->featuresOf($unit));
            }
        }

        return $places;
    }

    /** @return list<PlannedPlace> one for each unit that is pulled, with what it and the one in front of it have */
    private function couplings(Stop $stop): array
    {
        $places = [];
        foreach ($this->vehicle->units as $n => $unit) {
            if ($n > 0) {
                $both = $this->vehicle->featuresOf($this->vehicle->units[$n - 1], $unit);
                // By what the unit in front is pulled itself is seen at its own coupling.
                $places[] = $this->atUnit($stop, $unit, $both->withoutCouplingsBut($unit->hitch), true);
            }
        }

        return $places;
    }

    private function atUnit(Stop $stop, Unit $unit, FeatureSet $features, bool $isCoupling = false): PlannedPlace
    {
        return new PlannedPlace(
            $stop->id.'-'.$unit->id, $stop->name.', '.$unit->label, [], true, [$features], [$features], true, $unit,
            $isCoupling,
        );
    }

    /**
     * @param  list<Axle>  $axles  of the stop's group, from front to back
     * @return list<PlannedPlace>
     */
    private function atAxles(Stop $stop, array $axles): array
    {
        $spans = [];
        foreach ($axles as $axle) {
            $spans[$axle->span][] = $axle;
        }
        $isOneSpan = count($spans) === 1;
        $places = [];
        foreach ($spans as $span) {
            $ofSpan = $this->vehicle->featuresAt(...$span);
            $unit = $this->unitOf($span[0]);
            $named = $isOneSpan ? $stop->name : $stop->name.', '.$span[0]->spanLabel;
            if ($this->axles !== AxleRule::Each || count($span) === 1) {
                $places[] = new PlannedPlace(
                    $isOneSpan ? $stop->id : $stop->id.'-'.$span[0]->span, $named, $span, true, $ofSpan, $ofSpan,
                    count($span) === 1, $unit,
                );

                continue;
            }
            foreach ($span as $index => $axle) {
                $places[] = new PlannedPlace(
                    ($isOneSpan ? $stop->id : $stop->id.'-'.$axle->span).'-'.($index + 1),
                    $isOneSpan ? $named.' '.($index + 1) : $stop->name.', '.$axle->label, [$axle], $index === 0,
                    $this->vehicle->featuresAt($axle), $ofSpan, false, $unit,
                );
            }
        }

        return $places;
    }

    private function unitOf(Axle $axle): ?Unit
    {
        foreach ($this->vehicle->isAskedByUnit() ? array_slice($this->vehicle->units, 1) : [] as $unit) {
            if (in_array($axle, $unit->axles, true)) {
                return $unit;
            }
        }

        return null;
    }
}
