<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Document\Node;
use Pasada\Core\Vehicle\AxleGroup;

/** The sections of a checklist, their stops and what is asked there. */
final readonly class SectionsReader
{
    private const LONGEST_SHORT = 14;

    private const LONGEST_SECTION_SECONDS = 2 * 3600;

    /**
     * @param  array<string, Component>  $components
     * @return list<Section>
     */
    public function read(Node $root, array $components): array
    {
        $sections = [];
        $seenSections = $seenStops = $asked = [];
        foreach ($root->nodes('sections') as $node) {
            $node->only('id', 'name', 'short', 'stops', 'credit', 'time_allowed_seconds');
            $node->uniqueId($seenSections);
            $stops = [];
            foreach ($node->nodes('stops') as $stopNode) {
                $stopNode->uniqueId($seenStops);
                $stop = $this->stop($stopNode, $components, $asked);
                if ($stop !== null) {
                    $stops[] = $stop;
                }
            }
            if ($stops !== []) {
                $sections[] = new Section(
                    $node->string('id'), $node->string('name'), $this->short($node), $stops,
                    $node->has('credit') ? $node->enum('credit', CreditRule::class) : null,
                    $node->has('time_allowed_seconds')
                        ? $node->int('time_allowed_seconds', 10, self::LONGEST_SECTION_SECONDS)
                        : null,
                );
            }
        }
        $this->faultUnasked($root, $components, $asked);

        return $sections;
    }

    /**
     * @param  array<string, Component>  $components
     * @param  array<string, array<string, true>>  $asked
     */
    private function faultUnasked(Node $root, array $components, array $asked): void
    {
        $inGroups = [];
        $nodes = $root->nodesOr('components');
        foreach ($components as $component) {
            foreach ($component->parts as $part) {
                $inGroups[$part->id] = $component->name;
            }
        }
        foreach (array_map(strval(...), array_keys($components)) as $index => $id) {
            $node = $nodes[$index];
            if (! isset($asked[$id]) && ! isset($inGroups[$id])) {
                $node->fault(sprintf('"%s" is asked at no stop; ask it or leave it out', $id));
            }
            if (isset($asked[$id], $inGroups[$id])) {
                $node->fault(
                    sprintf(
                        '"%s" is asked on its own and as a part of "%s"; it would count twice',
                        $id,
                        $inGroups[$id],
                    ),
                );
            }
        }
    }

    private function short(Node $node): string
    {
        $short = $node->stringOr('short', $node->string('name'));
        if (mb_strlen($short) > self::LONGEST_SHORT && $node->has('short')) {
            $node
                ->child('short')
                ->fault(sprintf('is longer than %d characters; it stands in the drawing', self::LONGEST_SHORT));
        }

        return $short;
    }

    /**
     * @param  array<string, Component>  $components
     * @param  array<string, array<string, true>>  $asked  component > axle group or "" it was asked for, by reference
     */
    private function stop(Node $node, array $components, array &$asked): ?Stop
    {
        $node->only('id', 'name', 'zone', 'axles', 'asks');
        $zone = $node->enum('zone', Zone::class);
        $axles = $node->has('axles') ? $node->enum('axles', AxleGroup::class) : null;
        if (($zone === Zone::Axle) !== ($axles !== null)) {
            $node->fault('names its axles if, and only if, its zone is "axle"');
        }
        $asks = [];
        foreach ($node->nodes('asks') as $ask) {
            $id = $ask->asString();
            if (! isset($components[$id])) {
                $ask->fault(sprintf('"%s" is not among the components', $id));

                continue;
            }
            if (isset($asked[$id][$axles->value ?? ''])) {
                $ask->fault(sprintf('"%s" is asked twice at the same position', $id));
            }
            $asked[$id][$axles->value ?? ''] = true;
            $asks[] = $components[$id];
        }

        return $asks === [] ? null : new Stop($node->string('id'), $node->string('name'), $zone, $axles, $asks);
    }
}
