<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Inspection;

/**
 * Reads the marks by which a closed record is amended: what was said and seen may change, the course of the walk may
 * not.
 */
final readonly class AmendmentReader
{
    public function __construct(private Inspection $inspection) {}

    /**
     * @param  array<mixed>  $document  `{"marks": [...]}` in the open format
     * @param  MarkList  $before  the record as it stands
     * @return list<Mark>
     *
     * @throws DocumentHasFaults with every fault and its path
     */
    public function read(array $document, MarkList $before): array
    {
        $marks = (new MarkReader($this->inspection))->read(
            $document,
            null,
            static fn (string $id): bool => $before->has($id),
        );
        $faults = [];
        foreach ($marks as $n => $mark) {
            if (! $mark->kind->amends()) {
                $faults[] = Fault::at(
                    "marks[$n].kind",
                    sprintf(
                        '"%s" belongs to the walk itself and cannot be amended; amend what was said of an item',
                        $mark->kind->value,
                    ),
                );
            }
            $undone = $mark->undoes() === null ? null : $before->find($mark->undoes());
            if ($undone !== null && ! $undone->kind->amends()) {
                $faults[] = Fault::at(
                    "marks[$n].undoes",
                    sprintf(
                        'names a mark "%s", which cannot be undone in a closed record; amend what was said of an item',
                        $undone->kind->value,
                    ),
                );
            }
        }
        if ($faults !== []) {
            throw DocumentHasFaults::in('amendment', $faults);
        }

        return $marks;
    }
}
