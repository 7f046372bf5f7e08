<?php

declare(strict_types=1);

namespace App\Actions\Record;

use App\Actions\Walk\ProjectAttempt;
use App\Actions\Walk\ReadSheet;
use App\Actions\Walk\RecordMarks;
use App\Actions\Walk\StartAttempt;
use App\Library\BenchLogStore;
use App\Library\MarkStore;
use App\Library\RecordFileReader;
use App\Library\RecordInFile;
use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\Recording;
use App\Models\Signature;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Brakes\Events\BenchEntryReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SheetWriter;

/**
 * Takes in an attempt that was recorded elsewhere: all of it, or nothing. The record says that it was taken in, when
 * and by whom.
 */
final readonly class ImportRecord
{
    public function __construct(
        private ConnectionInterface $database,
        private RecordFileReader $files,
        private StartAttempt $start,
        private RecordMarks $marks,
        private MarkStore $store,
        private BenchLogStore $bench,
        private ReadSheet $sheets,
        private ProjectAttempt $project,
    ) {}

    /**
     * @param  array<mixed>  $record  decoded
     * @return array{Attempt, bool} and whether it was taken in now; false for one that is here already
     *
     * @throws DocumentHasFaults with every fault and its path, also if the sheet in it is not what its marks give
     */
    public function handle(User $by, Student $student, array $record, Carbon $now): array
    {
        $file = $this->files->read($record, $by->school, $now);

        /** @var array{Attempt, bool} $taken */
        $taken = $this->database->transaction(function () use ($by, $student, $record, $file, $now): array {
            $here = $this->here($by, $file);
            if ($here !== null) {
                return [$here, false];
            }
            $attempt = $this->start->handle(
                (string) Str::uuid7(), $by, $student, $file->checklist, $file->vehicle, $file->startedAt, $file->form,
                mode: $file->mode,
            );
            $attempt->update([
                'source_id' => $file->id,
                'on_paper' => $file->onPaper,
                'imported_at' => $now,
                'imported_by' => $by->id,
                'source' => ['student' => $file->student, 'scorer' => $file->scorer, 'school' => $file->school],
            ]);
            $this->marks->handle($attempt, $by, $attempt->id, ['marks' => $file->marks]);
            $this->beside($attempt, $by, $file, $now);
            $sheet = $this->sheets->handle($attempt);
            if ($sheet->walk->finished) {
                $this->project->handle($attempt, $sheet);
            }
            $this->compare($sheet, $record['sheet'] ?? null);

            return [$attempt, true];
        });

        return $taken;
    }

    private function here(User $by, RecordInFile $file): ?Attempt
    {
        $known = Attempt::ofSchool($by->school_id)
            ->where(static fn (Builder $query) => $query->where('id', $file->id)->orWhere('source_id', $file->id));
        $known->lockForUpdate();

        return $file->id === null ? null : $known->first();
    }

    /** What a record holds beside the marks of the walk. */
    private function beside(Attempt $attempt, User $by, RecordInFile $file, Carbon $now): void
    {
        [$marks] = $this->store->read($attempt->id);
        $inspection = $this->sheets->handle($attempt)->inspection;
        foreach ($file->amendments as $n => $one) {
            $read = (new MarkReader($inspection))->read(
                ['marks' => $one['marks']],
                null,
                static fn (string $id): bool => $marks->has($id),
            );
            $amendment = Amendment::query()->create([
                'id' => (string) Str::uuid7(),
                'attempt_id' => $attempt->id,
                'user_id' => $by->id,
                'by_name' => $one['by'],
                'reason' => mb_substr($one['reason'], 0, 500),
                'made_at' => $one['made_at'],
                'position' => $n + 1,
                'digest' => hash('sha256', (string) json_encode($one)),
            ]);
            $new = array_values(array_filter($read, static fn (Mark $mark): bool => ! $marks->has($mark->id)));
            $this->store->append($attempt->id, $new, $amendment->id, $by->id, $now, $amendment->id);
            $marks = $marks->with(...$new);
        }
        $this->bench->append(
            $attempt->id,
            (new BenchEntryReader())->read(['events' => $file->brakes], static fn (): bool => false),
            $by->id,
            $now,
        );
        foreach ($file->captions as $n => $one) {
            Recording::query()->create([
                'id' => (string) Str::uuid7(),
                'attempt_id' => $attempt->id,
                'position' => $n,
                'user_id' => $by->id,
                'name' => $one['name'],
                'content' => $one['content'],
                'received_at' => $now,
            ]);
        }
        foreach ($file->signatures as $one) {
            Signature::query()->create([
                'attempt_id' => $attempt->id,
                'party' => $one['party'],
                'name' => $one['name'],
                'strokes' => $one['strokes'],
                'means' => $one['means'],
                'signed_at' => $one['signed_at'],
            ]);
        }
    }

    private function compare(ScoreSheet $sheet, mixed $given): void
    {
        if ($given !== null && json_decode((string) json_encode(SheetWriter::write($sheet)), true) !== $given) {
            throw DocumentHasFaults::in('record', [
                Fault::at(
                    'sheet',
                    'is not what these marks give under this checklist; leave it out to have it worked out anew',
                ),
            ]);
        }
    }
}
