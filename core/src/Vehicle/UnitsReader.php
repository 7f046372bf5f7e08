<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Document\Node;

/** The units of a vehicle with their axles, from front to back. */
final readonly class UnitsReader
{
    private const LONGEST_FEET = 120;

    /** @return list<Unit> */
    public function read(Node $root): array
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
            $features[] = FeatureReader::choice($node, $key, $key, $choices);
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
}
