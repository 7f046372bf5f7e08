<?php

declare(strict_types=1);

namespace App\Actions\Walk;

use App\Exceptions\RecordIsClosed;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Library\Records;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\User;
use App\Operations\Counters;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Attempt\Marks\MarksConflict;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Scoring\ScoreSheet;

/** Adds a batch of marks to an attempt: all of them or, if one is at fault, none. */
final readonly class RecordMarks
{
    public function __construct(
        private Records $records,
        private InspectionLibrary $inspections,
        private MarkStore $store,
        private ProjectAttempt $project,
        private Counters $counters,
    ) {}

    /**
     * @param  array<mixed>  $document  `{"marks": [...]}` in the open format
     * @param  string  $recorder  UUID of the device: its clock only runs forward
     *
     * @throws DocumentHasFaults if a mark is malformed, unknown to this sheet or runs backwards
     * @throws MarksConflict if an id came before with other content
     * @throws RecordIsClosed if the attempt is finished and a mark is new
     */
    public function handle(Attempt $attempt, User $by, string $recorder, array $document): ScoreSheet
    {
        $inspection = $this->inspections->forAttempt($attempt);

        $kept = $again = 0;
        $sheet = $this->records->write($attempt, function (bool $isClosed) use (
            $attempt, $by, $recorder, $document, $inspection, &$kept, &$again,
        ): ScoreSheet {
            [$before, $clocks] = $this->store->read($attempt->id);
            $sent = (new MarkReader($inspection))->read(
                $document,
                $clocks[$recorder] ?? 0,
                static fn (string $id): bool => $before->has($id),
            );
            $all = $before->with(...$sent);
            $new = array_values(
                array_filter(MarkList::of(...$sent)->marks, static fn (Mark $mark): bool => ! $before->has($mark->id)),
            );
            if ($new !== [] && $isClosed) {
                throw RecordIsClosed::of($attempt->id);
            }
            $kept = count($new);
            $again = count($sent) - $kept;
            $this->store->append($attempt->id, $new, $recorder, $by->id, Carbon::now());
            $sheet = ScoreSheet::ofInspection($inspection, $all);
            if ($new !== []) {
                $this->standAt($attempt, $inspection->place($sheet->walk->currentPlace ?? '')?->name);
            }
            if ($new !== [] && $sheet->walk->finished) {
                $attempt->update([
                    'status' => AttemptStatus::Finished,
                    'finished_at' => $attempt->started_at->copy()->addMilliseconds($sheet->walk->durationMs),
                ]);
                $this->project->handle($attempt, $sheet);
            }

            return $sheet;
        });
        // Only once they are kept.
        $this->counters->add('marks_kept_total', by: $kept);
        $this->counters->add('marks_sent_again_total', by: $again);

        return $sheet;
    }

    /** Where the student is, for the lists of walks under way. */
    private function standAt(Attempt $attempt, ?string $place): void
    {
        if ($place !== null && $place !== $attempt->place) {
            $attempt->update(['place' => $place]);
        }
    }
}
