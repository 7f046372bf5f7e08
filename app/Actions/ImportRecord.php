<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\RecordFile;
use App\Models\Attempt;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Scoring\SheetWriter;

/** Takes in an attempt that was recorded elsewhere: all of it, or nothing. */
final readonly class ImportRecord
{
    public function __construct(private ConnectionInterface $database, private RecordFile $records, private StartAttempt $start, private RecordMarks $marks) {}

    /**
     * @param  array<mixed>  $record  decoded
     *
     * @throws DocumentHasFaults with every fault and its path, also if the sheet in it is not what its marks give
     */
    public function handle(User $by, Student $student, array $record): Attempt
    {
        $attempt = $this->database->transaction(function () use ($by, $student, $record): Attempt {
            [$checklist, $vehicle, $form, $startedAt] = $this->records->read($record, $by);
            $attempt = $this->start->handle((string) Str::uuid7(), $by, $student, $checklist, $vehicle, Carbon::parse($startedAt), $form);
            $sheet = $this->marks->handle($attempt, $by, $attempt->id, ['marks' => $record['marks'] ?? []]);
            $given = $record['sheet'] ?? null;
            if ($given !== null && json_decode((string) json_encode(SheetWriter::write($sheet)), true) !== $given) {
                throw DocumentHasFaults::in('record', [Fault::at('sheet', 'is not what these marks give under this checklist; leave it out to have it worked out anew')]);
            }

            return $attempt;
        });
        assert($attempt instanceof Attempt);

        return $attempt;
    }
}
