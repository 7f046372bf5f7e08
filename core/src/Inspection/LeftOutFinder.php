<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\FeatureSet;

/** Finds what a checklist asks somewhere and not of this vehicle, or not in this form, and tells why. */
final readonly class LeftOutFinder
{
    /** @param  Checklist  $checklist  with its sections: a laid-out list keeps those in which something is asked */
    public function __construct(private Checklist $checklist, private Inspection $inspection) {}

    /** @return list<LeftOut> in walking order */
    public function find(): array
    {
        $asked = $left = [];
        foreach ($this->inspection->places as $place) {
            foreach ($place->items as $item) {
                $asked[$place->stop.' '.$item->component] = $asked[$item->component] = true;
            }
        }
        foreach ($this->checklist->sections as $section) {
            $inForm = $this->checklist->forms->asks($section->id, $this->inspection->form);
            foreach ($section->stops as $stop) {
                foreach ($stop->asks as $component) {
                    if (! isset($asked[$stop->id.' '.$component->id])) {
                        $left[] = new LeftOut(
                            $component->id, $component->name, $section->name, $stop->name,
                            $inForm ? $this->why($component, $stop, isset($asked[$component->id])) : sprintf(
                                'not in %s', $this->inspection->form->name ?? 'this form',
                            ),
                        );
                    }
                }
            }
        }

        return $left;
    }

    private function why(Component $component, Stop $stop, bool $isAskedElsewhere): string
    {
        $vehicle = $this->inspection->vehicle;
        $axles = $stop->axles === null ? [] : $vehicle->axlesOf($stop->axles);
        if ($stop->axles !== null && $axles === []) {
            return sprintf('the vehicle has no %s', $stop->axles->label());
        }
        $features = $axles === [] ? [$vehicle->features] : $vehicle->featuresAt(...$axles);
        $lacks = array_map(static fn (FeatureSet $one): array => $component->lacks($one), $features);
        usort($lacks, static fn (array $a, array $b): int => count($a) <=> count($b));
        $least = $lacks[0];

        return match (true) {
            $least !== [] => 'only with '.implode(
                ' and ',
                array_map(
                    static fn (array $anyOf): string => implode(
                        ' or ',
                        array_map(static fn (Feature $feature): string => $feature->label(), $anyOf),
                    ),
                    $least,
                ),
            ),
            $isAskedElsewhere => 'asked once for the whole vehicle',
            $component->parts !== [] => 'the vehicle has none of its parts',
            default => 'none of its points makes sense on this vehicle',
        };
    }
}
