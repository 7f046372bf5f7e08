<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Inspection\ReferenceChoices;

/** References that were made and that the checklist credits nowhere: said, marked, and worth a word in the debrief. */
final readonly class UncreditedReferences
{
    /** @return list<string> in words, in the order in which they were made, each once */
    public static function of(ScoreSheet $sheet): array
    {
        $said = [];
        foreach ($sheet->walk->references as $reference) {
            $place = $sheet->inspection->place($reference->of->place);
            $from = $reference->of->from->axle ?? $reference->of->from->side?->value;
            $named = $place === null ? null : ReferenceChoices::uncredited($sheet->inspection, $place)[$from] ?? null;
            if ($place !== null && $named !== null) {
                $said[] = sprintf(
                    'At "%s" the student said it was the same as the %s; this checklist credits no such reference.',
                    $place->name,
                    $named,
                );
            }
        }

        return array_values(array_unique($said));
    }
}
