<?php

declare(strict_types=1);

namespace App\Actions\Progress;

use App\Exceptions\IdIsTaken;
use App\Models\ExamResult;
use App\Models\Student;
use App\Models\User;
use App\Progress\StudentReadinesses;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\Readiness\Forecast;

/** Keeps what came of a real exam, beside what would have been foretold for it from what was known before that day. */
final readonly class RecordExamResult
{
    public function __construct(private ConnectionInterface $database, private StudentReadinesses $readinesses) {}

    /**
     * Sent twice, it is kept once.
     *
     * @param  list<string>|null  $missed  ids of items, where the examiner told
     *
     * @throws IdIsTaken if another result has this id
     */
    public function handle(
        string $id, User $by, Student $student, Carbon $heldOn, bool $passed, ?string $form, ?array $missed,
        Carbon $now,
    ): ExamResult {
        $keep = function () use ($id, $by, $student, $heldOn, $passed, $form, $missed, $now): ExamResult {
            // One at a time for each student.
            Student::query()->whereKey($student->id)->lockForUpdate()->value('id');
            $kept = ExamResult::query()->find($id);
            if ($kept !== null) {
                $isSame = $kept->student_id === $student->id && $kept->passed === $passed &&
                    $kept->held_on->isSameDay($heldOn);

                return $isSame ? $kept : throw IdIsTaken::byExamResult($id);
            }
            $forecast = $this->foretold($student, $heldOn, $now);
            [$low, $high] = $forecast?->interval() ?? [null, null];

            return ExamResult::query()->create([
                'id' => $id, 'school_id' => $student->school_id, 'student_id' => $student->id,
                'held_on' => $heldOn->toDateString(), 'passed' => $passed, 'form' => $form, 'missed' => $missed,
                'untold' => $forecast?->untold(), 'chance' => $forecast?->chance(), 'low' => $low,
                'high' => $high, 'recorded_by' => $by->id, 'recorded_at' => $now,
            ]);
        };
        $kept = $this->database->transaction($keep);
        assert($kept instanceof ExamResult);

        return $kept;
    }

    private function foretold(Student $student, Carbon $heldOn, Carbon $now): ?Forecast
    {
        $by = $this->readinesses->examinedBy($student, $now);
        if ($by === null) {
            return null;
        }
        $asOfThen = clone $student;
        $asOfThen->exam_on = $heldOn;

        return $this->readinesses->of($asOfThen, $by[0], $by[1], $heldOn)[1]?->forecast;
    }
}
