<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\Point;

/** Writes marks in the open format that MarkReader reads. */
final readonly class MarkWriter
{
    /** @return array<string, int|float|string|list<string>> only the fields of the mark's kind */
    public static function write(Mark $mark): array
    {
        $all = [
            'item' => $mark->item, 'place' => $mark->place, 'section' => $mark->section, 'side' => $mark->side?->value, 'from' => $mark->from,
            'text' => $mark->text, 'evidence' => $mark->evidence, 'undoes' => $mark->undoes,
            'value' => $mark->value === null ? null : $mark->value / 1000,
            'points' => array_map(static fn (Point $point): string => $point->value, $mark->points->points()),
            'except' => $mark->except, 'said' => $mark->said?->value,
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
