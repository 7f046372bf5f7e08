<?php

declare(strict_types=1);

namespace App\Export;

use App\Models\Attempt;

/** An attempt as one line of a table. */
final readonly class AttemptRow
{
    public const HEADINGS = [
        'attempt', 'started_at', 'student', 'student_number', 'class', 'scorer', 'checklist', 'checklist_version',
        'vehicle', 'form', 'mode', 'verdict', 'percent', 'seconds', 'out_of_order', 'reason', 'on_paper',
    ];

    /** @return list<string|int|float|null> */
    public static function of(Attempt $attempt): array
    {
        $result = $attempt->result;

        return [
            $attempt->id, $attempt->started_at->toIso8601ZuluString(), $attempt->student->name,
            $attempt->student->number, $attempt->student->className(), $attempt->scorer->name,
            $attempt->checklist->slug, $attempt->checklist->version, $attempt->vehicle->name, $attempt->form,
            $attempt->mode->value, $result?->standing->value, $result === null ? null : $result->permille / 10,
            $result === null ? null : intdiv($result->duration_ms, 1000), $result?->out_of_place, $result?->reason,
            $attempt->on_paper ? 'yes' : 'no',
        ];
    }
}
