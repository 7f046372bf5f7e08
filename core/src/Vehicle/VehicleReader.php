<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Document\ThousandthsRange;

/** Reads the open vehicle format, `pasada-vehicle/1` (schemas/vehicle.schema.json). */
final readonly class VehicleReader
{
    public const FORMAT = 'pasada-vehicle/1';

    private const LONGEST_FEET = 120;

    /** @throws DocumentHasFaults with every fault of the text and its path */
    public function read(string $json, string $name = 'vehicle'): Vehicle
    {
        $faults = new Faults;
        $vehicle = $this->vehicle(Node::parse($json, $faults), $faults);
        $faults->stopIfAny($name);

        return $vehicle;
    }

    private function vehicle(Node $root, Faults $faults): Vehicle
    {
        $root->only(
            '$schema', 'format', 'id', 'name', 'description', 'units', 'doors', 'transmission', 'drives', 'equipment',
            'figures', 'defects',
        );
        if ($root->string('format') !== self::FORMAT) {
            $root->child('format')->fault('must be "'.self::FORMAT.'"');
        }
        $units = $this->units($root);
        $features = $this->features($root, $units);

        // The stand-in keeps the type; it never leaves read(), which stops at the faults.
        $units = $units === [] ? [new Unit(UnitKind::StraightTruck, Body::None, 0, 0, [])] : $units;
        $axles = array_merge(...array_map(static fn (Unit $unit): array => $unit->axles, $units));

        return new Vehicle(
            $root->id(), $root->name(), $root->stringOr('description', ''), $units, $features,
            $this->figures($root, $axles), $this->defects($root, $axles),
        );
    }

    /** @return list<Unit> */
    private function units(Node $root): array
    {
        $units = [];
        $counts = [];
        $behind = -1;
        foreach ($root->nodes('units') as $index => $node) {
            $node->only('kind', 'body', 'from_ft', 'to_ft', 'axles');
            $kind = $node->enum('kind', UnitKind::class);
            if (($index === 0) !== $kind->isPowered()) {
                $node
                    ->child('kind')
                    ->fault(
                        $index === 0
                            ? 'the first unit must drive: a tractor or a truck'
                            : 'only the first unit can be a tractor or truck',
                    );
            }
            $from = $node->thousandths('from_ft') ?? 0;
            $to = $node->thousandths('to_ft') ?? 0;
            if ($to <= $from || $from < 0 || $to > self::LONGEST_FEET * 1000) {
                $node->child('to_ft')->fault(sprintf('must lie behind from_ft and within %d ft', self::LONGEST_FEET));
            }
            $axles = [];
            foreach ($node->nodes('axles') as $axleNode) {
                $axle = $this->axle($axleNode, $kind, $counts);
                if ($axle->atMilliFeet <= $behind) {
                    $axleNode->child('at_ft')->fault('must lie behind the axle listed before it');
                }
                $behind = $axle->atMilliFeet;
                $axles[] = $axle;
            }
            $units[] = new Unit($kind, $node->enum('body', Body::class), $from, $to, $axles);
        }

        return $units;
    }

    /** @param  array<string, int>  $counts  axles of each group so far, by reference */
    private function axle(Node $node, UnitKind $unit, array &$counts): Axle
    {
        $node->only('group', 'at_ft', 'suspension', 'brakes', 'wheels', 'hub', 'auto_inflation', 'hub_meter');
        $group = $node->enum('group', AxleGroup::class);
        if (($group === AxleGroup::Trailer) === $unit->isPowered()) {
            $node
                ->child('group')
                ->fault(
                    $unit->isPowered() ? 'a tractor or truck has steer and drive axles' : 'a trailer has trailer axles',
                );
        }
        $counts[$group->value] = ($counts[$group->value] ?? 0) + 1;
        $features = [];
        foreach (
            [
                'suspension' => ['spring', 'air'],
                'brakes' => ['drum', 'disc'],
                'wheels' => ['single', 'dual'],
                'hub' => ['hub-seal', 'axle-seal'],
            ] as $key => $choices
        ) {
            $features[] = $this->choice($node, $key, $key, $choices);
        }
        if ($node->boolOr('auto_inflation', false)) {
            $features[] = Feature::AutoInflation;
        }
        if ($node->boolOr('hub_meter', false)) {
            $features[] = Feature::HubMeter;
        }
        $id =
            $group === AxleGroup::Steer && $counts[$group->value] === 1
                ? $group->value
                : $group->value.'-'.$counts[$group->value];

        return new Axle($id, $group, $node->thousandths('at_ft') ?? 0, FeatureSet::of(...$features));
    }

    /** @param  list<Unit>  $units */
    private function features(Node $root, array $units): FeatureSet
    {
        $features = [$this->choice($root, 'transmission', 'transmission', ['manual', 'automatic'])];
        if ($root->string('doors') !== 'none') {
            $features[] = $this->choice($root, 'doors', 'doors', ['swing', 'roll-up', 'none']);
        }
        $drives = $root->child('drives');
        $drives->only('alternator', 'water_pump', 'air_compressor', 'steering_pump');
        foreach (['alternator', 'water_pump', 'air_compressor', 'steering_pump'] as $part) {
            $features[] = $this->choice($drives, $part, str_replace('_', '-', $part), ['belt', 'gear']);
        }
        foreach ($root->nodesOr('equipment') as $node) {
            $feature = $node->asEnum(Feature::class);
            if (! $feature->isEquipment()) {
                $node->fault('follows from the rest of the vehicle and is not listed as equipment');
            }
            $features[] = $feature;
        }
        foreach ($units as $unit) {
            $body = $unit->body->feature();
            $features = $body === null ? $features : [...$features, $body];
            $features = [...$features, ...match ($unit->kind) {
                UnitKind::Semitrailer => [Feature::Trailer],
                UnitKind::StraightTruck => [Feature::StraightTruck],
                UnitKind::Bus => [Feature::Bus],
                UnitKind::DayCabTractor, UnitKind::SleeperTractor => [],
            }];
        }

        return FeatureSet::of(...$features);
    }

    /**
     * @param  list<Axle>  $axles
     * @return list<OwnFigure>
     */
    private function figures(Node $root, array $axles): array
    {
        $figures = [];
        foreach ($root->nodesOr('figures') as $node) {
            $node->only('component', 'point', 'axles', 'low', 'high', 'note', 'test');
            [$low, $high] = ThousandthsRange::read($node, 'low', 'high');
            if ($low === null && $high === null) {
                $node->fault('asks for a low or a high value');
            }
            $group = $node->has('axles') ? $node->enum('axles', AxleGroup::class) : null;
            if (
                $group !== null &&
                array_filter($axles, static fn (Axle $axle): bool => $axle->group === $group) === []
            ) {
                $node->child('axles')->fault('this vehicle has no '.$group->label());
            }
            $figures[] = new OwnFigure(
                $node->string('component'),
                $node->enum('point', Point::class),
                $group,
                $low,
                $high,
                $node->stringOr('note', ''),
                $node->has('test') ? $node->choiceOr('test', ['cut-in'], 'cut-in') : null,
            );
        }

        return $figures;
    }

    /**
     * @param  list<Axle>  $axles
     * @return list<KnownDefect>
     */
    private function defects(Node $root, array $axles): array
    {
        $ids = array_map(static fn (Axle $axle): string => $axle->id, $axles);
        $defects = [];
        foreach ($root->nodesOr('defects') as $node) {
            $node->only('component', 'axle', 'what');
            $axle = $node->has('axle') ? $node->string('axle') : null;
            if ($axle !== null && ! in_array($axle, $ids, true)) {
                $node
                    ->child('axle')
                    ->fault(sprintf('this vehicle has no axle "%s"; it has %s', $axle, implode(', ', $ids)));
            }
            $defects[] = new KnownDefect($node->string('component'), $axle, $node->string('what'));
        }

        return $defects;
    }

    /** @param  non-empty-list<string>  $choices */
    private function choice(Node $node, string $key, string $family, array $choices): Feature
    {
        $said = $node->string($key);
        if (! in_array($said, $choices, true)) {
            if ($said !== '') {
                $node->child($key)->fault(sprintf('"%s" is not known; it may be %s', $said, implode(', ', $choices)));
            }
            $said = $choices[0];
        }

        return Feature::from($family.':'.$said);
    }
}
