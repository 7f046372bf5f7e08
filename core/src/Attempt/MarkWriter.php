<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\Point;

/** Writes marks in the open format that MarkReader reads. */
final readonly class MarkWriter
{
    /** @return array<string, int|string|list<string>> only the fields of the mark's kind */
    public static function write(Mark $mark): array
    {
        $fields = ['id' => $mark->id, 'at_ms' => $mark->atMs, 'kind' => $mark->kind->value];
        foreach (['item' => $mark->item, 'place' => $mark->place, 'text' => $mark->text, 'undoes' => $mark->undoes] as $key => $value) {
            if ($value !== null) {
                $fields[$key] = $value;
            }
        }
        if ($mark->kind === MarkKind::PointsHeard || $mark->kind === MarkKind::PointsTakenBack) {
            $fields['points'] = array_map(static fn (Point $point): string => $point->value, $mark->points->points());
        }

        return $fields;
    }
}
