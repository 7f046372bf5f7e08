<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Document\ThousandthsRange;

/** Reads the open vehicle format, `pasada-vehicle/2` (schemas/vehicle.schema.json), and the one before it. */
final readonly class VehicleReader
{
    public const FORMAT = 'pasada-vehicle/2';

    /** Knew air brakes and one trailer only; all that it can say means the same today. */
    private const OLD_FORMAT = 'pasada-vehicle/1';

    /** Whether a document is of the format before, which asked less of itself. */
    public static function isOld(Node $root): bool
    {
        return $root->string('format') === self::OLD_FORMAT;
    }

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
            'figures', 'defects', 'brakes',
        );
        if (! self::isOld($root) && $root->string('format') !== self::FORMAT) {
            $root->child('format')->fault('must be "'.self::FORMAT.'"');
        }
        $equipment = FeatureReader::equipment($root);
        $onBodies = [
            ...FeatureReader::doors($root),
            ...array_filter($equipment, static fn (Feature $one): bool => $one->isOnBody()),
        ];
        $units = (new UnitsReader($onBodies))->read($root);
        $onCab = array_filter($equipment, static fn (Feature $one): bool => ! $one->isOnBody());
        $base = (new FeatureReader())->read($root)->with(FeatureSet::of(...$onCab));
        $base = self::isOld($root) ? $base->ofOldFormat() : $base;

        // The stand-in keeps the type; it never leaves read(), which stops at the faults.
        $units = $units === [] ? [new Unit(
            'truck', 'truck', UnitKind::StraightTruck, Body::None, 0, 0, [], BrakeSystem::Air, null, $base,
        )] : $units;
        $axles = array_merge(...array_map(static fn (Unit $unit): array => $unit->axles, $units));

        return new Vehicle(
            $root->id(), $root->name(), $root->stringOr('description', ''), $units, $base,
            FeatureSet::of(...$onBodies),
            $this->figures($root, $axles), $this->defects($root, $axles, $units),
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
     * @param  list<Unit>  $units
     * @return list<KnownDefect>
     */
    private function defects(Node $root, array $axles, array $units): array
    {
        $ids = array_map(static fn (Axle $axle): string => $axle->id, $axles);
        $defects = [];
        foreach ($root->nodesOr('defects') as $node) {
            $node->only('component', 'axle', 'unit', 'what');
            $axle = $node->has('axle') ? $node->string('axle') : null;
            if ($axle !== null && ! in_array($axle, $ids, true)) {
                $node
                    ->child('axle')
                    ->fault(sprintf('this vehicle has no axle "%s"; it has %s', $axle, implode(', ', $ids)));
            }
            $unit = $node->has('unit') ? $node->string('unit') : null;
            if ($unit !== null && ! in_array($unit, array_column($units, 'id'), true)) {
                $node->child('unit')->fault(sprintf(
                    'this vehicle has no unit "%s"; it has %s', $unit, implode(', ', array_column($units, 'id')),
                ));
            }
            $defects[] = new KnownDefect($node->string('component'), $axle, $node->string('what'), $unit);
        }

        return $defects;
    }
}
