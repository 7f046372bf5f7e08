<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Document\Node;

/** The units of a vehicle with their axles, from front to back. */
final readonly class UnitsReader
{
    /** Two long trailers on a turnpike and their tractor are about 120 ft; states that allow three go beyond it. */
    private const LONGEST_FEET = 150;

    /** A tractor, four trailers and the dollies between them. */
    private const MOST_UNITS = 8;

    private const MOST_AXLES = 20;

    /** @param  list<Feature>  $onBodies  what the vehicle is said to have on whatever carries the load */
    public function __construct(private array $onBodies) {}

    /** @return list<Unit> */
    public function read(Node $root): array
    {
        $nodes = $root->nodes('units');
        $kinds = [];
        foreach ($nodes as $index => $node) {
            $node->only(
                'kind', 'body', 'from_ft', 'to_ft', 'axles', 'brakes', 'hitch', 'doors', 'equipment',
            );
            $kinds[] = $this->kind($root, $node, $kinds[$index - 1] ?? null);
        }
        if (count($nodes) > self::MOST_UNITS) {
            $root->child('units')->fault(sprintf('are too many: at most %d can be hitched together', self::MOST_UNITS));
        }
        $names = UnitName::of($kinds, ! VehicleReader::isOld($root));
        $reader = new AxlesReader;
        $system = $this->system($root, 'brakes', $kinds[0] ?? UnitKind::StraightTruck);
        $units = [];
        $axles = 0;
        foreach ($nodes as $index => $node) {
            $unit = $this->unit($root, $node, $names[$index], $system, $reader);
            $this->checkPlace($root, $node, $unit, $units[$index - 1] ?? null);
            $axles += count($unit->axles);
            $units[] = $unit;
        }
        if ($axles > self::MOST_AXLES) {
            $root->child('units')->fault(sprintf('have %d axles; at most %d can be listed', $axles, self::MOST_AXLES));
        }
        if (end($kinds) === UnitKind::Dolly) {
            $last = $nodes[count($nodes) - 1]->child('kind');
            $last->fault('a dolly carries the front of a semitrailer: add one behind it');
        }

        return $units;
    }

    private function kind(Node $root, Node $node, ?UnitKind $front): UnitKind
    {
        $kind = $node->enum('kind', UnitKind::class);
        if ($front === null) {
            if (! $kind->isPowered()) {
                $node->child('kind')->fault('the first unit must drive: a tractor or a truck');
            }
        } elseif ($kind->isPowered()) {
            $node->child('kind')->fault('only the first unit can be a tractor or truck');
        } elseif (! VehicleReader::isOld($root) && ! $kind->canFollow($front)) {
            $node->child('kind')->fault(sprintf(
                'a %s is pulled by a %s; in front of it is a %s', $kind->label(),
                implode(', ', array_map(static fn (UnitKind $one): string => $one->label(), $kind->pulledBy())),
                $front->label(),
            ));
        }

        return $kind;
    }

    private function unit(
        Node $root, Node $node, UnitName $name, BrakeSystem $system, AxlesReader $reader,
    ): Unit {
        $kind = $name->kind;
        $brakes = $kind->isPowered() ? $system : $this->system($node, 'brakes', $kind);
        if (! $kind->isPowered() && $brakes === BrakeSystem::Air && ! $system->hasAir()) {
            $node->child('brakes')->fault(
                'are air brakes, for which the truck has no air: give it air brakes, or these electric or surge brakes',
            );
        }
        $body = $node->enum('body', Body::class);
        if (! VehicleReader::isOld($root) && ! $body->isOn($kind)) {
            $can = array_filter(Body::cases(), static fn (Body $one): bool => $one->isOn($kind));
            $node->child('body')->fault(sprintf(
                'is not on a %s; it may be %s', $kind->label(), implode(', ', array_column($can, 'value')),
            ));
        }
        $hitches = $kind->hitches();
        $hitch = $hitches[0] ?? null;
        if ($node->has('hitch')) {
            $hitch = $node->enum('hitch', Hitch::class);
            if (! in_array($hitch, $hitches, true)) {
                $node->child('hitch')->fault($hitches === [] ? 'is for what is pulled' : sprintf(
                    'a %s is coupled by %s', $kind->label(), implode(' or ', array_column($hitches, 'value')),
                ));
            }
        }
        $features = [
            ...$kind->features(), $brakes->of($kind), ...($hitch === null ? [] : [$hitch->feature()]),
            ...($body->feature() === null ? [] : [$body->feature()]), ...$this->ownEquipment($node, $kind),
        ];
        $axles = $reader->read($node, $name, $brakes);

        return new Unit(
            $name->id, $name->label, $kind, $body, $node->thousandths('from_ft') ?? 0,
            $node->thousandths('to_ft') ?? 0, $axles, $brakes, $hitch, FeatureSet::of(...$features),
        );
    }

    /** @return list<Feature> of the unit's own entries; where it has none, of the vehicle's */
    private function ownEquipment(Node $node, UnitKind $kind): array
    {
        $doors = $node->has('doors') ? FeatureReader::doors($node) : null;
        $equipment = $node->has('equipment') ? FeatureReader::equipment($node) : null;
        foreach ($equipment ?? [] as $n => $feature) {
            if ($feature->isOnBody() && ! $kind->isLoaded()) {
                $entry = $node->nodesOr('equipment')[$n];
                $entry->fault(sprintf('is on what carries a load; a %s does not', $kind->label()));
            }
        }
        $said = $kind->isLoaded() ? $this->onBodies : [];
        $isDoor = static fn (Feature $one): bool => str_starts_with($one->value, 'doors:');

        return [
            ...($doors ?? array_filter($said, $isDoor)),
            ...($equipment ?? array_filter($said, static fn (Feature $one): bool => ! $isDoor($one))),
        ];
    }

    private function system(Node $node, string $key, UnitKind $kind): BrakeSystem
    {
        if (! $node->has($key)) {
            return BrakeSystem::Air;
        }
        $system = $node->enum($key, BrakeSystem::class);
        if (! $system->isOf($kind)) {
            $can = array_filter(BrakeSystem::cases(), static fn (BrakeSystem $one): bool => $one->isOf($kind));
            $node->child($key)->fault(sprintf(
                'a %s has %s brakes', $kind->label(), implode(' or ', array_column($can, 'value')),
            ));

            return BrakeSystem::Air;
        }

        return $system;
    }

    private function checkPlace(Node $root, Node $node, Unit $unit, ?Unit $front): void
    {
        if (
            $unit->toMilliFeet <= $unit->fromMilliFeet || $unit->fromMilliFeet < 0 ||
            $unit->toMilliFeet > self::LONGEST_FEET * 1000
        ) {
            $node->child('to_ft')->fault(sprintf('must lie behind from_ft and within %d ft', self::LONGEST_FEET));

            return;
        }
        $behind = $front === null || $front->axles === [] ? -1 : $front->axles[count($front->axles) - 1]->atMilliFeet;
        foreach ($node->nodesOr('axles') as $n => $axle) {
            $at = $unit->axles[$n]->atMilliFeet;
            if ($at <= $behind) {
                $axle->child('at_ft')->fault('must lie behind the axle listed before it');
            } elseif (! VehicleReader::isOld($root) && ($at < $unit->fromMilliFeet || $at > $unit->toMilliFeet)) {
                $axle->child('at_ft')->fault(sprintf(
                    'lies outside its unit, which goes from %s to %s ft', $unit->fromMilliFeet / 1000,
                    $unit->toMilliFeet / 1000,
                ));
            }
            $behind = $at;
        }
        if (VehicleReader::isOld($root) || $front === null) {
            return;
        }
        if ($unit->fromMilliFeet <= $front->fromMilliFeet || $unit->toMilliFeet <= $front->toMilliFeet) {
            $node->child('from_ft')->fault(sprintf('must lie behind the %s in front of it', $front->label));
        } elseif ($unit->hitch === Hitch::PintleHook && $unit->fromMilliFeet < $front->toMilliFeet) {
            $node->child('from_ft')->fault(sprintf(
                'begins before the %s ends at %s ft', $front->label, $front->toMilliFeet / 1000,
            ));
        }
    }
}
