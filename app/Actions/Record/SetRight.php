<?php

declare(strict_types=1);

namespace App\Actions\Record;

use App\Actions\Walk\ProjectAttempt;
use App\Actions\Walk\ReadSheet;
use App\Exceptions\RecordIsClosed;
use App\Exceptions\RecordIsOpen;
use App\Library\Records;
use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\StoredVehicle;
use App\Models\Student;
use App\Models\User;
use Illuminate\Support\Carbon;

/** Sets right an attempt that went wrong; the trail keeps what it was, and signatures of what it was do not stand. */
final readonly class SetRight
{
    public function __construct(
        private Records $records, private ReadSheet $sheets, private ProjectAttempt $project,
    ) {}

    /**
     * Takes a finished walk out of every figure, or brings it back. Sent twice, it is done once.
     *
     * @param  string|null  $reason  null brings it back
     *
     * @throws RecordIsOpen while it still goes on
     */
    public function void(Attempt $attempt, User $by, ?string $reason, Carbon $now): void
    {
        $this->records->write($attempt, static function (bool $isClosed) use ($attempt, $by, $reason, $now): void {
            $status = $attempt->refresh()->status;
            if (! $isClosed || $status === AttemptStatus::Discarded) {
                throw RecordIsOpen::toBeVoided();
            }
            if ($attempt->void_reason !== $reason) {
                $attempt->update([
                    'status' => $reason === null ? AttemptStatus::Finished : AttemptStatus::Void,
                    'void_reason' => $reason,
                    'voided_at' => $reason === null ? null : $now,
                    'voided_by' => $reason === null ? null : $by->id,
                ]);
            }
        });
    }

    /**
     * Gives an attempt to another student, scorer or vehicle than it was started with, and a walk under way to whoever
     * goes on with it.
     *
     * @throws RecordIsClosed if it was discarded or is void
     */
    public function move(Attempt $attempt, ?Student $student, ?User $scorer, ?StoredVehicle $vehicle): void
    {
        $this->records->write($attempt, function () use ($attempt, $student, $scorer, $vehicle): void {
            $status = $attempt->refresh()->status;
            if ($status !== AttemptStatus::UnderWay && $status !== AttemptStatus::Finished) {
                throw RecordIsClosed::of($attempt->id);
            }
            $attempt->update([
                'student_id' => $student->id ?? $attempt->student_id,
                'scorer_id' => $scorer->id ?? $attempt->scorer_id,
                'vehicle_id' => $vehicle->id ?? $attempt->vehicle_id,
            ]);
            $attempt->unsetRelations();
            $sheet = $this->sheets->handle($attempt);
            if ($status === AttemptStatus::Finished) {
                $this->project->handle($attempt, $sheet);
            }
        });
    }
}
