<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Document\Node;

/** What a vehicle or a unit of it has, gathered from the entries of its document that say so. */
final readonly class FeatureReader
{
    /** What the vehicle has as a whole: its units, its doors and its equipment are left out. */
    public function read(Node $root): FeatureSet
    {
        $features = [self::choice($root, 'transmission', 'transmission', ['manual', 'automatic'])];
        $drives = $root->child('drives');
        $drives->only('alternator', 'water_pump', 'air_compressor', 'steering_pump');
        $parts = ['alternator', 'water_pump', 'steering_pump'];
        // Without air there is no compressor to drive.
        if (! $root->has('brakes') || $root->string('brakes') !== BrakeSystem::Hydraulic->value) {
            $parts[] = 'air_compressor';
        }
        foreach ($parts as $part) {
            $features[] = self::choice($drives, $part, str_replace('_', '-', $part), ['belt', 'gear']);
        }

        return FeatureSet::of(...$features);
    }

    /** @return list<Feature> of the vehicle or of one of its units */
    public static function equipment(Node $node): array
    {
        $features = [];
        foreach ($node->nodesOr('equipment') as $entry) {
            $feature = $entry->asEnum(Feature::class);
            // What is not known at all was told already; the stand-in for it is no equipment.
            if (! $feature->isEquipment() && $entry->raw() === $feature->value) {
                $entry->fault('follows from the rest of the vehicle and is not listed as equipment');
            }
            $features[] = $feature;
        }

        return $features;
    }

    /** @return list<Feature> none where it has no doors */
    public static function doors(Node $node): array
    {
        return $node->string('doors') === 'none'
            ? []
            : [self::choice($node, 'doors', 'doors', ['swing', 'roll-up', 'none'])];
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
