<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\InspectionLibrary;
use App\Library\MarkStore;
use App\Models\Amendment;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Mark;
use Pasada\Core\Attempt\MarkReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Scoring\ScoreSheet;

/** Changes a closed record, with a reason. The marks before it are untouched, so the original stays readable. */
final readonly class AmendRecord
{
    public function __construct(private ConnectionInterface $database, private InspectionLibrary $inspections, private MarkStore $store, private ProjectAttempt $project) {}

    /**
     * Sending the same amendment twice changes nothing.
     *
     * @param  array<mixed>  $document  `{"marks": [...]}` in the open format
     *
     * @throws DocumentHasFaults if the walk is not finished or a mark is at fault
     */
    public function handle(Attempt $attempt, User $by, string $id, string $reason, array $document, Carbon $now): void
    {
        if ($attempt->status !== AttemptStatus::Finished) {
            throw DocumentHasFaults::in('amendment', [Fault::at('', 'the walk is not finished; mark it as usual')]);
        }
        $inspection = $this->inspections->forAttempt($attempt);
        $this->database->transaction(function () use ($attempt, $by, $id, $reason, $document, $now, $inspection): void {
            Attempt::query()->whereKey($attempt->id)->lockForUpdate()->value('status');
            if (Amendment::query()->whereKey($id)->exists()) {
                return;
            }
            [$before] = $this->store->read($attempt->id);
            $known = array_fill_keys(array_map(static fn (Mark $mark): string => $mark->id, $before->marks), true);
            $marks = (new MarkReader($inspection))->read($document, null, static fn (string $mark): bool => isset($known[$mark]));
            Amendment::query()->create(['id' => $id, 'attempt_id' => $attempt->id, 'user_id' => $by->id, 'reason' => $reason, 'made_at' => $now]);
            $new = array_values(array_filter($marks, static fn (Mark $mark): bool => ! isset($known[$mark->id])));
            $this->store->append($attempt->id, $new, $id, $by->id, $now, $id);
            $this->project->handle($attempt, ScoreSheet::ofInspection($inspection, $before->with(...$new)));
        });
    }
}
