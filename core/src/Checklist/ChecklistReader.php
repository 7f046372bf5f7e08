<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Vehicle\AxleGroup;

/** Reads the open checklist format, `pasada-checklist/1` (schemas/checklist.schema.json). */
final readonly class ChecklistReader
{
    public const FORMAT = 'pasada-checklist/1';

    private const LONGEST_SHORT = 14;

    private const LONGEST_WALK_SECONDS = 4 * 3600;

    /** @throws DocumentHasFaults with every fault of the text and its path */
    public function read(string $json, string $name = 'checklist'): Checklist
    {
        $faults = new Faults;
        $root = Node::parse($json, $faults);
        $root->only('$schema', 'format', 'id', 'version', 'name', 'reason', 'rules', 'figures', 'components', 'sections');
        if ($root->string('format') !== self::FORMAT) {
            $root->child('format')->fault('must be "'.self::FORMAT.'"');
        }
        $components = $this->components($root);
        $sections = $this->sections($root, $components);
        $rules = $this->rules($root->child('rules'), $sections, $components);
        $figures = $this->figures($root, $components);
        [$id, $version, $title, $reason] = [$root->string('id'), $root->int('version', 1, 100_000), $root->string('name'), $root->string('reason')];
        // Nothing is read after this: a fault found later would be lost.
        $faults->stopIfAny($name);
        if ($sections === []) {
            // Unreachable: a list without sections is a fault already. It tells the type checker so.
            throw DocumentHasFaults::in($name, [Fault::at('sections', 'asks for at least one section')]);
        }

        return new Checklist($id, $version, $title, $reason, $rules, $sections, $figures);
    }

    /**
     * @param  list<Section>  $sections
     * @param  array<string, Component>  $components
     */
    private function rules(Node $node, array $sections, array $components): Rules
    {
        $node->only('credit', 'half_for_part', 'returns', 'axles', 'pass', 'time_allowed_seconds');
        $pass = $node->child('pass');
        $pass->only('overall_percent', 'section_percent', 'misses_allowed', 'critical_sections', 'critical_components', 'note');
        if (! $pass->has('overall_percent') && ! $pass->has('section_percent') && ! $pass->has('misses_allowed')) {
            $pass->fault('asks for at least one of overall_percent, section_percent, misses_allowed');
        }

        return new Rules(
            $node->enum('credit', CreditRule::class),
            $node->boolOr('half_for_part', false),
            $node->enum('returns', ReturnRule::class),
            $node->enum('axles', AxleRule::class),
            new PassMark(
                $pass->has('overall_percent') ? $pass->int('overall_percent', 1, 100) : null,
                $pass->has('section_percent') ? $pass->int('section_percent', 1, 100) : null,
                $pass->has('misses_allowed') ? $pass->int('misses_allowed', 0, 1000) : null,
                $this->known($pass, 'critical_sections', array_map(static fn (Section $section): string => $section->id, $sections), 'sections'),
                $this->known($pass, 'critical_components', array_keys($components), 'components'),
                $pass->string('note'),
            ),
            $node->has('time_allowed_seconds') ? $node->int('time_allowed_seconds', 60, self::LONGEST_WALK_SECONDS) : null,
        );
    }

    /**
     * @param  list<string>  $known
     * @return list<string>
     */
    private function known(Node $node, string $key, array $known, string $of): array
    {
        foreach ($node->nodesOr($key) as $entry) {
            if (! in_array($entry->asString(), $known, true)) {
                $entry->fault(sprintf('"%s" is not among the %s', $entry->asString(), $of));
            }
        }

        return $node->strings($key);
    }

    /** @return array<string, Component> by id */
    private function components(Node $root): array
    {
        $components = [];
        $reader = new ComponentReader;
        foreach ($root->nodes('components') as $node) {
            $component = $reader->read($node);
            if (isset($components[$component->id])) {
                $node->child('id')->fault(sprintf('"%s" is listed twice', $component->id));
            }
            if (! Credit::canShare($component->essential, $component->further)) {
                $node->fault('lists more points than can be shared out exactly; leave some further points out');
            }
            $components[$component->id] = $component;
        }

        return $components;
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
            $node->only('id', 'name', 'short', 'stops');
            $this->unique($node, $seenSections);
            $stops = [];
            foreach ($node->nodes('stops') as $stopNode) {
                $this->unique($stopNode, $seenStops);
                $stop = $this->stop($stopNode, $components, $asked);
                if ($stop !== null) {
                    $stops[] = $stop;
                }
            }
            if ($stops !== []) {
                $sections[] = new Section($node->string('id'), $node->string('name'), $this->short($node), $stops);
            }
        }
        foreach (array_keys($components) as $index => $id) {
            if (! isset($asked[$id])) {
                $root->nodesOr('components')[$index]->fault(sprintf('"%s" is asked at no stop; ask it or leave it out', $id));
            }
        }

        return $sections;
    }

    private function short(Node $node): string
    {
        $short = $node->stringOr('short', $node->string('name'));
        if (mb_strlen($short) > self::LONGEST_SHORT && $node->has('short')) {
            $node->child('short')->fault(sprintf('is longer than %d characters; it stands in the drawing', self::LONGEST_SHORT));
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
     * @param  array<string, Component>  $components
     * @return list<Figure>
     */
    private function figures(Node $root, array $components): array
    {
        $figures = [];
        $seen = [];
        foreach ($root->nodesOr('figures') as $node) {
            $node->only('id', 'point', 'components', 'axles', 'low', 'high', 'unit', 'source', 'note');
            $this->unique($node, $seen);
            $low = $node->thousandths('low');
            $high = $node->thousandths('high');
            if ($low === null && $high === null) {
                $node->fault('asks for a low or a high value');
            }
            if ($low !== null && $high !== null && $low > $high) {
                $node->child('low')->fault('is above high');
            }
            foreach ($node->nodesOr('components') as $of) {
                if (! isset($components[$of->asString()])) {
                    $of->fault('is not among the components');
                }
            }
            $figures[] = new Figure(
                $node->string('id'), $node->enum('point', Point::class), $node->strings('components'),
                $node->enums('axles', AxleGroup::class), $low, $high, $node->enum('unit', Unit::class),
                $node->string('source'), $node->stringOr('note', ''),
            );
        }

        return $figures;
    }

    /** @param  array<string, true>  $seen */
    private function unique(Node $node, array &$seen): void
    {
        $id = $node->string('id');
        if (preg_match('/^[a-z0-9]+(-[a-z0-9]+)*$/', $id) !== 1) {
            $node->child('id')->fault('is written in small letters, digits and single hyphens');
        }
        if (isset($seen[$id])) {
            $node->child('id')->fault(sprintf('"%s" is used twice', $id));
        }
        $seen[$id] = true;
    }
}
