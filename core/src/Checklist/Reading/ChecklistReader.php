<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Component;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Checklist\Rules\ItemParts;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Checklist\Stop;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Vehicle\AxleGroup;

/** Reads the open checklist format, `pasada-checklist/1` (schemas/checklist.schema.json). */
final readonly class ChecklistReader
{
    public const FORMAT = 'pasada-checklist/1';

    private const LONGEST_SHORT = 14;

    private const LONGEST_SECTION_SECONDS = 2 * 3600;

    /** @throws DocumentHasFaults with every fault of the text and its path */
    public function read(string $json, string $name = 'checklist'): Checklist
    {
        return $this->checklist($json, $name, isKept: false);
    }

    /**
     * One that was put in force before, perhaps when fewer contradictions were looked for: attempts were walked under
     * it, and keep it.
     *
     * @throws DocumentHasFaults where it is no checklist at all
     */
    public function readKept(string $json, string $name = 'checklist'): Checklist
    {
        return $this->checklist($json, $name, isKept: true);
    }

    private function checklist(string $json, string $name, bool $isKept): Checklist
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only(
            '$schema', 'format', 'id', 'version', 'name', 'reason', 'rules', 'figures', 'components', 'sections',
            'forms',
        );
        if ($root->string('format') !== self::FORMAT) {
            $root->child('format')->fault('must be "'.self::FORMAT.'"');
        }
        $components = $this->components($root);
        $ids = array_map(strval(...), array_keys($components));
        $sections = $this->sections($root, $components);
        $sectionIds = array_map(static fn (Section $section): string => $section->id, $sections);
        $rules = (new RulesReader($sectionIds, $ids))->read($root->child('rules'));
        if (! $isKept) {
            (new Contradictions($components, $sections))->fault($rules, $root->child('rules'));
        }
        $forms = (new FormsReader($sectionIds))->read($root);
        $figures = $this->figures($root, $ids);
        [$id, $version, $title, $reason] = [
            $root->id(), $root->int('version', 1, 100_000), $root->name(), $root->string('reason'),
        ];
        // Nothing is read after this: a fault found later would be lost.
        $faults->stopIfAny($name);
        if ($sections === []) {
            // Unreachable: a list without sections is a fault already. It tells the type checker so.
            throw DocumentHasFaults::in($name, [Fault::at('sections', 'asks for at least one section')]);
        }

        return new Checklist($id, $version, $title, $reason, $rules, $sections, $figures, $forms);
    }

    /** @return array<string, Component> by id */
    private function components(Node $root): array
    {
        $components = [];
        $groups = [];
        $reader = new ComponentReader;
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

    /**
     * @param  array<string, Component>  $components
     * @return list<Section>
     */
    private function sections(Node $root, array $components): array
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

    /**
     * @param  list<string>  $components
     * @return list<Figure>
     */
    private function figures(Node $root, array $components): array
    {
        $figures = [];
        $seen = [];
        $reader = new FigureReader($components);
        foreach ($root->nodesOr('figures') as $node) {
            $node->uniqueId($seen);
            $figures[] = $reader->read($node);
        }

        return $figures;
    }
}
