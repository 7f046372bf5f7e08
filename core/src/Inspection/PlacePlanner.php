<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Rules\AxleRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Vehicle\Vehicle;

/** The places of a section on one vehicle, in walking order. */
final readonly class PlacePlanner
{
    public function __construct(private Vehicle $vehicle, private AxleRule $axles) {}

    /**
     * The places of a section in walking order: stops at the same axles that follow each other are walked axle by axle.
     *
     * @return list<array{Stop, PlannedPlace}>
     */
    public function placesOf(Section $section): array
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
        $ofGroup = $this->vehicle->featuresAt(...$axles);
        if ($this->axles !== AxleRule::Each || count($axles) === 1) {
            return [new PlannedPlace($stop->id, $stop->name, $axles, true, $ofGroup, $ofGroup, count($axles) === 1)];
        }
        $places = [];
        foreach ($axles as $index => $axle) {
            $places[] = new PlannedPlace(
                $stop->id.'-'.($index + 1), $stop->name.' '.($index + 1), [$axle], $index === 0,
                $this->vehicle->featuresAt($axle), $ofGroup, false,
            );
        }

        return $places;
    }
}
