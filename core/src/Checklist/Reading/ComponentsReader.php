<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Rules\ItemParts;
use Pasada\Core\Document\Node;

/** The components of a checklist with the groups among them. */
final readonly class ComponentsReader
{
    /** @return array<string, Component> by id */
    public function read(Node $root): array
    {
        $components = [];
        $groups = [];
        $reader = new ComponentReader(ChecklistReader::isOld($root));
        foreach ($root->nodes('components') as $node) {
            $component = $reader->read($node);
            if (isset($components[$component->id])) {
                $node->child('id')->fault(sprintf('"%s" is listed twice', $component->id));
            }
            $components[$component->id] = $component;
            if ($node->has('parts')) {
                $groups[$component->id] = $node;
            }
        }
        foreach ($groups as $id => $node) {
            $components[$id] = $this->group($components[$id], $node, $components, $groups);
        }
        $this->faultUncountable($root, $components);

        return $components;
    }

    /**
     * @param  array<string, Component>  $components
     * @param  array<string, Node>  $groups
     */
    private function group(Component $component, Node $node, array $components, array $groups): Component
    {
        $parts = [];
        foreach ($node->nodesOr('parts') as $entry) {
            $id = $entry->asString();
            if (! isset($components[$id])) {
                $entry->fault(sprintf('"%s" is not among the components', $id));
            } elseif (isset($groups[$id])) {
                $entry->fault(sprintf('"%s" is itself asked for several parts; name those', $id));
            } else {
                $parts[] = $components[$id];
            }
        }

        return $parts === [] ? $component : $component->standingFor($parts);
    }

    /** @param  array<string, Component>  $components */
    private function faultUncountable(Node $root, array $components): void
    {
        $weights = 0;
        $nodes = $root->nodesOr('components');
        foreach (array_values($components) as $index => $component) {
            if (! ItemParts::canBeShared($component->essential, $component->further)) {
                $nodes[$index]->fault(
                    'lists more points than can be shared out exactly; leave some further points out',
                );
            }
            $weights += $component->bonus ? 0 : $component->weight;
        }
        if ($weights === 0 && $components !== []) {
            $root
                ->child('components')
                ->fault('has weights that sum to nothing; give at least one component a weight above 0');
        }
    }
}
