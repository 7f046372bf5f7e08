<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Mark;
use Pasada\Core\Attempt\MarkList;
use Pasada\Core\Attempt\MarkReader;
use Pasada\Core\Attempt\MarksConflict;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Scoring\ScoreSheet;

/** Adds a batch of marks to an attempt: all of them or, if one is at fault, none. */
final readonly class RecordMarks
{
    public function __construct(
        private ConnectionInterface $database,
        private InspectionLibrary $inspections,
        private MarkStore $store,
        private ProjectAttempt $project,
    ) {}

    /**
     * @param  array<mixed>  $document  `{"marks": [...]}` in the open format
     * @param  string  $recorder  UUID of the device: its clock only runs forward
     *
     * @throws DocumentHasFaults if a mark is malformed, unknown to this sheet or runs backwards
     * @throws MarksConflict if an id came before with other content
     * @throws AttemptIsFinished if the attempt is finished and a mark is new
     */
    public function handle(Attempt $attempt, User $by, string $recorder, array $document): ScoreSheet
    {
        $inspection = $this->inspections->forAttempt($attempt);

        $sheet = $this->database->transaction(function () use ($attempt, $by, $recorder, $document, $inspection): ScoreSheet {
            // Locked, so that two devices' batches are checked one after the other.
            $status = $this->database->table('attempts')->where('id', $attempt->id)->lockForUpdate()->value('status');
            [$before, $clocks] = $this->store->read($attempt->id);
            $known = array_fill_keys(array_map(static fn (Mark $mark): string => $mark->id, $before->marks), true);
            $sent = (new MarkReader($inspection))->read($document, $clocks[$recorder] ?? 0, static fn (string $id): bool => isset($known[$id]));
            $all = $before->with(...$sent);
            $new = array_values(array_filter(MarkList::of(...$sent)->marks, static fn (Mark $mark): bool => ! isset($known[$mark->id])));
            if ($new !== [] && $status === AttemptStatus::Finished->value) {
                throw AttemptIsFinished::of($attempt->id);
            }
            $this->store->append($attempt->id, $new, $recorder, $by->id, Carbon::now());
            $sheet = ScoreSheet::ofInspection($inspection, $all);
            if ($new !== [] && $sheet->walk->finished) {
                $attempt->update(['status' => AttemptStatus::Finished, 'finished_at' => $attempt->started_at->copy()->addMilliseconds($sheet->walk->durationMs)]);
                $this->project->handle($attempt, $sheet);
            }

            return $sheet;
        });
        assert($sheet instanceof ScoreSheet);

        return $sheet;
    }
}
