<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Document\Node;

/** What a vehicle has, gathered from all of its document that says so. */
final readonly class FeatureReader
{
    /** @param  list<Unit>  $units */
    public function read(Node $root, array $units): FeatureSet
    {
        $features = [self::choice($root, 'transmission', 'transmission', ['manual', 'automatic'])];
        if ($root->string('doors') !== 'none') {
            $features[] = self::choice($root, 'doors', 'doors', ['swing', 'roll-up', 'none']);
        }
        $drives = $root->child('drives');
        $drives->only('alternator', 'water_pump', 'air_compressor', 'steering_pump');
        foreach (['alternator', 'water_pump', 'air_compressor', 'steering_pump'] as $part) {
            $features[] = self::choice($drives, $part, str_replace('_', '-', $part), ['belt', 'gear']);
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

    /** @param  non-empty-list<string>  $choices */
    public static function choice(Node $node, string $key, string $family, array $choices): Feature
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
