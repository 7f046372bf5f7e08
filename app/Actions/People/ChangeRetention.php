<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exceptions\DueHasChanged;
use App\Models\LegalHold;
use App\Models\User;
use App\Retention\DueRecords;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Sets how long records are kept, holds and frees those of a student, and deletes what is due: all, or nothing. */
final readonly class ChangeRetention
{
    public function __construct(private ConnectionInterface $database, private DueRecords $due) {}

    /**
     * Sent twice, a hold is there once.
     *
     * @param  int|null  $delete  how many are due, as the manager has seen them
     *
     * @throws DueHasChanged if it is another number by now
     */
    public function handle(
        User $by, ?int $keptYears, ?int $holdStudent, string $reason, ?int $endHold, ?int $delete, Carbon $now,
    ): void {
        $school = $by->school;
        $this->database->transaction(function () use (
            $by, $school, $keptYears, $holdStudent, $reason, $endHold, $delete, $now,
        ): void {
            if ($keptYears !== null) {
                $school->update(['kept_years' => $keptYears]);
            }
            $holds = LegalHold::ofSchool($school->id)->where('ended_at', null);
            if ($holdStudent !== null) {
                $holds->clone()->firstOrCreate(['student_id' => $holdStudent, 'reason' => $reason], [
                    'school_id' => $school->id, 'set_by' => $by->id, 'set_at' => $now,
                ]);
            }
            if ($endHold !== null) {
                $holds->clone()->find($endHold)?->update(['ended_at' => $now]);
            }
            if ($delete !== null) {
                $this->due->delete($school, $by, $delete, $now);
            }
        });
    }
}
