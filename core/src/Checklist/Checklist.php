<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\Rules;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Vehicle;

/** What a state or school asks, and how it credits it. Made by ChecklistReader only, which checks it. */
final readonly class Checklist
{
    /**
     * @var array<string, list<Figure>> by point code, so that laying out the items need not try every figure on each
     */
    private array $figuresByPoint;

    /** The points that have a figure: most components have none of them. */
    private PointSet $figurePoints;

    /**
     * @param  list<Section>  $sections  in walking order
     * @param  list<Figure>  $figures
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        /** Why this checklist exists. */
        public string $reason,
        public Rules $rules,
        public array $sections,
        public array $figures,
        public Forms $forms,
    ) {
        $byPoint = [];
        foreach ($figures as $figure) {
            $byPoint[$figure->point->value][] = $figure;
        }
        $this->figuresByPoint = $byPoint;
        $this->figurePoints = PointSet::of(...array_map(static fn (Figure $figure): Point => $figure->point, $figures));
    }

    /**
     * A form of the checklist by its id, or chosen sections: "only:front+engine". Null where there is no such form, or
     * a section of that id.
     */
    public function form(string $id): ?Form
    {
        if (! str_starts_with($id, Form::CHOSEN)) {
            return $this->forms->of($id);
        }
        $names = array_column($this->sections, 'name', 'id');
        $chosen = explode('+', substr($id, strlen(Form::CHOSEN)));
        $known = array_intersect_key($names, array_flip($chosen));

        return count($known) < count($chosen)
            ? null
            : new Form($id, 'only '.implode(', ', $known), $chosen, 0, isChosen: true);
    }

    /** The brake tests in their order, with what is accepted of their figures; none where the checklist holds none. */
    public function brakeSequence(): Sequence
    {
        $brakes = $this->rules->brakes;

        return $brakes === null
            ? new Sequence([], 0)
            : new Sequence(array_map($this->accepting(...), $brakes->steps), $brakes->restarts, $brakes->restartFrom);
    }

    private function accepting(StepChoice $step): StepChoice
    {
        $component = $step->test->component();
        // The governor's figure is where it cuts out.
        if ($component === null || $step->test === BrakeTest::CutIn) {
            return $step;
        }
        $found = null;
        foreach ($this->figuresByPoint[Point::Reading->value] ?? [] as $figure) {
            if (
                $figure->holdsFor($component, null) && $figure->needs === [] &&
                ($found === null || $figure->components !== [])
            ) {
                $found = $figure;
            }
        }

        return $found === null
            ? $step
            : $step->accepting(new Limits($found->acceptedLow / 1000, $found->acceptedHigh / 1000));
    }

    /** @return list<Figure> those that hold somewhere on a vehicle, the more particular ones first */
    public function figuresOn(Vehicle $vehicle): array
    {
        $all = [$vehicle->features, ...$vehicle->featuresAt(...$vehicle->axles())];
        $holds = array_filter(
            $this->figures,
            static fn (Figure $figure): bool => array_filter(
                $all,
                static fn (FeatureSet $features): bool => $features->meets($figure->needs),
            ) !== [],
        );
        usort($holds, static fn (Figure $a, Figure $b): int => count($b->needs) <=> count($a->needs));

        return $holds;
    }

    /**
     * The same without what is asked where: an inspection has it in its items, and is kept a third smaller.
     */
    public function withoutStops(): self
    {
        return new self(
            $this->id, $this->version, $this->name, $this->reason, $this->rules, [], $this->figures, $this->forms,
        );
    }

    /**
     * The figures of a component that is asked once for axles of several kinds, by point code.
     *
     * @param  list<Axle>  $axles  one of each group
     * @return array<string, Figure>
     */
    public function figuresForAll(Component $component, array $axles, Vehicle $vehicle): array
    {
        $found = [];
        foreach ($axles as $axle) {
            $features = $vehicle->featuresAt($axle)[0];
            foreach ($this->figuresFor($component, $axle->group, $vehicle, $features) as $code => $figure) {
                $found[$code][] = [$axle->group, $figure];
            }
        }

        return array_map(Figure::ofAxles(...), $found);
    }

    /**
     * The figures of a component at an axle, by point code, the most particular one where several hold; what the
     * vehicle says of itself wins.
     *
     * @param  FeatureSet  $features  what the vehicle and the axle have
     * @return array<string, Figure>
     */
    public function figuresFor(
        Component $component, ?AxleGroup $axle, Vehicle $vehicle, FeatureSet $features,
    ): array {
        $found = [];
        foreach ($component->points()->common($this->figurePoints)->points() as $point) {
            $code = $point->value;
            foreach ($this->figuresByPoint[$code] ?? [] as $figure) {
                $isCloser = ! isset($found[$code]) || $figure->isCloserThan($found[$code]);
                if ($isCloser && $figure->holdsFor($component->id, $axle, $features)) {
                    $found[$code] = $figure;
                }
            }
            $own = isset($found[$code]) ? $vehicle->ownFigure($component->id, $point, $axle) : null;
            if ($own !== null) {
                $found[$code] = $found[$code]->withLimits($own->low, $own->high, $vehicle->name, $own->note);
            }
        }

        return $found;
    }
}
