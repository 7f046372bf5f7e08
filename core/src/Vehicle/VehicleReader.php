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
        $units = (new UnitsReader())->read($root);
        $features = (new FeatureReader())->read($root, $units);

        // The stand-in keeps the type; it never leaves read(), which stops at the faults.
        $units = $units === [] ? [new Unit(UnitKind::StraightTruck, Body::None, 0, 0, [])] : $units;
        $axles = array_merge(...array_map(static fn (Unit $unit): array => $unit->axles, $units));

        return new Vehicle(
            $root->id(), $root->name(), $root->stringOr('description', ''), $units, $features,
            $this->figures($root, $axles), $this->defects($root, $axles),
        );
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
}
