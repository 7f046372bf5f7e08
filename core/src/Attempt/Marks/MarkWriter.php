<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Catalogue\Point;

/** Writes marks in the open format that MarkReader reads. */
final readonly class MarkWriter
{
    /** @return array<string, int|float|string|list<string>> only the fields of the mark's kind */
    public static function write(Mark $mark): array
    {
        $of = $mark->payload->fields();
        $all = [
            'item' => $of->item,
            'place' => $of->place,
            'section' => $of->section,
            'side' => $of->side?->value,
            'from' => $of->from?->key(),
            'text' => $of->text,
            'evidence' => $mark->evidence,
            'undoes' => $of->undoes,
            'value' => $of->value === null ? null : $of->value / 1000,
            'points' => array_map(static fn (Point $point): string => $point->value, $of->points->points()),
            'except' => $of->except, 'said' => $mark->said?->value,
        ];
        $fields = ['id' => $mark->id, 'at_ms' => $mark->atMs, 'kind' => $mark->kind->value];
        foreach ($mark->kind->fields() as $key) {
            if ($all[$key] !== null) {
                $fields[$key] = $all[$key];
            }
        }

        return $fields;
    }
}
