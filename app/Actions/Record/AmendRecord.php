<?php

declare(strict_types=1);

namespace App\Actions\Record;

use App\Actions\Walk\ProjectAttempt;
use App\Exceptions\IdIsTaken;
use App\Exceptions\RecordIsOpen;
use App\Library\BenchLogStore;
use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Library\Records;
use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\AmendmentReader;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Brakes\Events\BenchEntryReader;
use Pasada\Core\Brakes\Events\BenchLog;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Scoring\ScoreSheet;

/** Changes a closed record, with a reason. What was there before is untouched, so the original stays readable. */
final readonly class AmendRecord
{
    public function __construct(
        private Records $records, private InspectionLibrary $inspections, private MarkStore $marks,
        private BenchLogStore $bench, private ProjectAttempt $project,
    ) {}

    /**
     * Sending the same amendment twice changes nothing.
     *
     * @param  array<mixed>  $marks  in the open format
     * @param  array<mixed>  $brakes  lines of the bench's log, likewise
     *
     * @throws RecordIsOpen if the walk is not finished
     * @throws DocumentHasFaults if a mark or a line is at fault
     * @throws IdIsTaken if the id of the amendment, or of one of its marks, stands for something else
     */
    public function handle(
        Attempt $attempt, User $by, string $id, string $reason, array $marks, array $brakes, Carbon $now,
    ): void {
        $digest = hash('sha256', json_encode([$reason, $marks, $brakes], JSON_THROW_ON_ERROR));
        $inspection = $this->inspections->forAttempt($attempt);
        $this->records->writeClosed($attempt, RecordIsOpen::toBeAmended(), function () use (
            $attempt, $by, $id, $reason, $marks, $brakes, $digest, $now, $inspection,
        ): void {
            $known = Amendment::query()->find($id);
            if ($known !== null) {
                if ($known->attempt_id !== $attempt->id || $known->digest !== $digest) {
                    throw IdIsTaken::byAmendment($id);
                }

                return;
            }
            [$before] = $this->marks->read($attempt->id);
            $amending = $marks === [] ? [] : (new AmendmentReader($inspection))->read(['marks' => $marks], $before);
            foreach ($amending as $mark) {
                if ($before->has($mark->id)) {
                    throw IdIsTaken::byMark($mark->id);
                }
            }
            // After all that is there, so that two amendments stand in the order in which they were made, whatever a
            // clock says.
            $atMs = $before->lastAtMs() + 1;
            $new = array_map(
                static fn (Mark $mark, int $n): Mark => $mark->afterwards($atMs + $n),
                $amending,
                array_keys($amending),
            );
            Amendment::query()->create([
                'id' => $id, 'attempt_id' => $attempt->id, 'user_id' => $by->id, 'reason' => $reason, 'made_at' => $now,
                'position' => 1 + Amendment::query()->where('attempt_id', $attempt->id)->count(), 'digest' => $digest,
            ]);
            $this->marks->append($attempt->id, $new, $id, $by->id, $now, $id);
            $this->amendBrakes($attempt, $by, $brakes, $id, $now);
            $this->project->handle($attempt, ScoreSheet::ofInspection($inspection, $before->with(...$new)));
        });
    }

    /** @param  array<mixed>  $lines */
    private function amendBrakes(Attempt $attempt, User $by, array $lines, string $amendment, Carbon $now): void
    {
        if ($lines === []) {
            return;
        }
        $before = $this->bench->read($attempt->id);
        $new = (new BenchEntryReader())->read(
            ['events' => $lines],
            static fn (string $id): bool => isset($before->entries[$id]),
        );
        foreach ($new as $entry) {
            if (isset($before->entries[$entry->id])) {
                throw IdIsTaken::byMark($entry->id);
            }
        }
        $this->bench->append($attempt->id, array_values(BenchLog::of(...$new)->entries), $by->id, $now, $amendment);
    }
}
