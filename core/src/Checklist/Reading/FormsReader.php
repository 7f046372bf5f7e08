<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\Forms;
use Pasada\Core\Document\Node;

/** Reads a checklist's `forms`: which sections are always asked, and which are drawn. */
final readonly class FormsReader
{
    /** @param  list<string>  $sections  known ids, in walking order */
    public function __construct(private array $sections) {}

    public function read(Node $root): Forms
    {
        $node = $root->child('forms');
        if (! $root->has('forms')) {
            return new Forms([], []);
        }
        $node->only('always', 'draw');
        $always = $this->ids($node, 'always');
        $forms = [];
        $seen = [];
        foreach ($node->nodes('draw') as $entry) {
            $entry->only('id', 'name', 'sections', 'weight');
            $entry->uniqueId($seen);
            $entry->nodes('sections');
            $sections = $this->ids($entry, 'sections');
            if ($sections !== []) {
                $forms[$entry->string('id')] = new Form(
                    $entry->string('id'), $entry->string('name'), $sections, $entry->intOr('weight', 0, 1000, 1),
                );
            }
        }
        if ($forms !== [] && array_sum(array_map(static fn (Form $form): int => $form->weight, $forms)) === 0) {
            $node->child('draw')->fault('has weights that sum to nothing; give at least one form a weight above 0');
        }
        $this->faultUnreached($node, $always, $forms);

        return new Forms($always, $forms);
    }

    /**
     * @param  list<string>  $always
     * @param  array<string, Form>  $forms
     */
    private function faultUnreached(Node $node, array $always, array $forms): void
    {
        $reached = array_merge(
            $always,
            ...array_values(array_map(static fn (Form $form): array => $form->sections, $forms)),
        );
        foreach (array_diff($this->sections, $reached) as $section) {
            $node->fault(
                sprintf(
                    'the section "%s" is reached by no form and not always asked; add it to one, or leave the '.
                        'section out',
                    $section,
                ),
            );
        }
    }

    /** @return list<string> */
    private function ids(Node $node, string $key): array
    {
        $ids = [];
        foreach ($node->nodesOr($key) as $entry) {
            $id = $entry->asString();
            if (! in_array($id, $this->sections, true)) {
                $entry->fault(sprintf('"%s" is not among the sections', $id));
            } elseif (in_array($id, $ids, true)) {
                $entry->fault('is named twice');
            }
            $ids[] = $id;
        }

        return $ids;
    }
}
