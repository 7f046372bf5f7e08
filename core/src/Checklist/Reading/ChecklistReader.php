<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** Reads the open checklist format, `pasada-checklist/2` (schemas/checklist.schema.json), and the one before it. */
final readonly class ChecklistReader
{
    public const FORMAT = 'pasada-checklist/2';

    /** Had no figures for some vehicles only, and knew nothing of the nature of parts. */
    private const OLD_FORMAT = 'pasada-checklist/1';

    public static function isOld(Node $root): bool
    {
        return $root->string('format') === self::OLD_FORMAT;
    }

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
        if (! self::isOld($root) && $root->string('format') !== self::FORMAT) {
            $root->child('format')->fault('must be "'.self::FORMAT.'"');
        }
        $components = (new ComponentsReader())->read($root);
        $ids = array_map(strval(...), array_keys($components));
        $sections = (new SectionsReader())->read($root, $components);
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
