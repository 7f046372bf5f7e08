<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\Recording;
use App\Models\Signature;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;

/**
 * Writes the open format of one attempt, `pasada-record/1`: everything that the record holds, what it was scored under,
 * and the sheet that it gives. RecordFileReader reads it; docs/formats.md explains the fields.
 */
final readonly class RecordFile
{
    public const FORMAT = 'pasada-record/1';

    public function __construct(
        private InspectionLibrary $inspections,
        private MarkStore $store,
        private BenchLogStore $bench,
        /** Version of Pasada that writes the file. */
        private string $version,
    ) {}

    /** @return array<string, mixed> */
    public function write(Attempt $attempt): array
    {
        $write = MarkWriter::write(...);
        $amended = $this->store->byAmendment($attempt->id);
        $amendments = $attempt->amendments()->with('user')->get()->sortBy('position');
        $captions = Recording::query()->where('attempt_id', $attempt->id)->get()->sortBy('position');

        return [
            'format' => self::FORMAT,
            'pasada' => $this->version,
            'id' => $attempt->source_id ?? $attempt->id,
            'school' => $attempt->school->name,
            'checklist' => ['id' => $attempt->checklist->slug, 'version' => $attempt->checklist->version],
            'vehicle' => ['id' => $attempt->vehicle->slug, 'version' => $attempt->vehicle->version],
            'form' => $attempt->form,
            'mode' => $attempt->mode->value,
            'on_paper' => $attempt->on_paper,
            'started_at' => $attempt->started_at->toIso8601ZuluString(),
            'student' => $attempt->source['student'] ?? $attempt->student->name,
            'scorer' => $attempt->source['scorer'] ?? $attempt->scorer->name,
            'marks' => array_map($write, $this->store->read($attempt->id, amended: false)[0]->marks),
            'amendments' => array_values(
                $amendments
                    ->map(
                        static fn (Amendment $one): array => [
                            'id' => $one->id,
                            'by' => $one->by_name ?? $one->user->name,
                            'reason' => $one->reason,
                            'made_at' => $one->made_at->toIso8601ZuluString('millisecond'),
                            'marks' => array_map($write, $amended[$one->id] ?? []),
                        ],
                    )
                    ->all(),
            ),
            'brakes' => array_map(
                static fn (BenchEntry $entry): array => $entry->write(),
                array_values($this->bench->read($attempt->id)->entries),
            ),
            'captions' => array_values(
                $captions
                    ->map(
                        static fn (Recording $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'content' => $one->content,
                        ],
                    )
                    ->all(),
            ),
            'signatures' => array_values(
                $attempt
                    ->signatures()
                    ->get()
                    ->sortBy('id')
                    ->map(
                        static fn (Signature $one): array => [
                            'party' => $one->party->value,
                            'name' => $one->name,
                            'strokes' => $one->strokes,
                            'means' => $one->means->value,
                            'signed_at' => $one->signed_at->toIso8601ZuluString('millisecond'),
                            'digest' => $one->digest,
                        ],
                    )
                    ->all(),
            ),
            'sheet' => SheetWriter::write(
                ScoreSheet::ofInspection($this->inspections->forAttempt($attempt), $this->store->read($attempt->id)[0]),
            ),
        ];
    }
}
