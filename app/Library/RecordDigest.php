<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Attempt;
use App\Models\Recording;
use Illuminate\Database\ConnectionInterface;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Scoring\ScoreSheet;

/**
 * What a signature is over: everything that a record says, as one SHA-256 in hexadecimal. The same record has the same
 * digest, and one that says anything else has another.
 */
final readonly class RecordDigest
{
    public function __construct(
        private ConnectionInterface $database, private InspectionLibrary $inspections, private MarkStore $marks,
        private BenchLogStore $bench, private KeptSheets $sheets,
    ) {}

    public function of(Attempt $attempt): string
    {
        $marks = $this->marks->read($attempt->id)[0];
        $digests = static fn (string $table, int $id, ConnectionInterface $database): mixed => $database
            ->table($table)
            ->where('id', $id)
            ->value('digest');
        $captions = Recording::query()->where('attempt_id', $attempt->id)->get()->sortBy('position');

        return hash(
            'sha256',
            json_encode(
                [
                    'attempt' => $attempt->id,
                    'student' => $attempt->student_id,
                    'scorer' => $attempt->scorer_id,
                    'mode' => $attempt->mode->value,
                    'form' => $attempt->form,
                    'started_at' => $attempt->started_at->toIso8601ZuluString(),
                    'checklist' => $digests('checklists', $attempt->checklist_id, $this->database),
                    'vehicle' => $digests('vehicles', $attempt->vehicle_id, $this->database),
                    'marks' => array_map(static fn (Mark $mark): array => MarkWriter::write($mark), $marks->marks),
                    'brakes' => array_map(
                        static fn (BenchEntry $entry): array => $entry->write(),
                        array_values($this->bench->read($attempt->id)->entries),
                    ),
                    'captions' => array_values(
                        $captions
                            ->map(
                                static fn (Recording $one): array => [
                                    $one->id,
                                    $one->name,
                                    hash('sha256', $one->content),
                                ],
                            )
                            ->all(),
                    ),
                    'amendments' => $this->database
                        ->table('amendments')
                        ->where('attempt_id', $attempt->id)
                        ->orderBy('position')
                        ->pluck('digest')
                        ->all(),
                    // As it was kept: a later scoring changes nothing of what was signed.
                    'sheet' => $this->sheets->of($attempt->id) ??
                        KeptSheets::written(ScoreSheet::ofInspection($this->inspections->forAttempt($attempt), $marks)),
                ],
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            ),
        );
    }
}
