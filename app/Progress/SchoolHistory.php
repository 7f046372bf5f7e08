<?php

declare(strict_types=1);

namespace App\Progress;

use App\Models\Attempt;
use App\Models\Student;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Progress\History\ItemShares;
use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\History\PastStudent;

/** Reads what students earned in their finished attempts, as the core's models want it. */
final readonly class SchoolHistory
{
    /** Students of whom a large school is judged: more would say the same, and not fit into memory. */
    private const MOST = 200;

    /** @return list<PastStudent> everybody of the school by id, and of a large one some who are spread over all */
    public function ofSchool(int $schoolId): array
    {
        $exams = Student::ofSchool($schoolId)->get(['id', 'exam_on'])->sortBy('id')->values()->toBase();
        $every = max(1, (int) ceil($exams->count() / self::MOST));
        $exams = $exams->filter(static fn (Student $student, int $n): bool => $n % $every === 0)->values();
        $theirs = Attempt::finished($schoolId);
        $theirs->whereIn('student_id', $exams->pluck('id'));
        $attempts = $this->attempts($theirs);

        return array_values(
            $exams->map(static fn (Student $student): PastStudent => new PastStudent(
                (string) $student->id, self::exam($student), $attempts[$student->id] ?? [],
            ))->all(),
        );
    }

    public function ofStudent(Student $student, ?Carbon $before = null): PastStudent
    {
        $attempts = Attempt::finished($student->school_id)->where('student_id', $student->id);
        if ($before !== null) {
            $attempts->where('started_at', '<', $before);
        }

        return new PastStudent(
            (string) $student->id, self::exam($student), $this->attempts($attempts)[$student->id] ?? [],
        );
    }

    /**
     * Once a walk; what is dated after now was dated wrong and tells nothing of the past.
     *
     * @param  Builder<Attempt>  $attempts
     * @return array<int, list<PastAttempt>> by student
     */
    private function attempts(Builder $attempts): array
    {
        $rows = $attempts
            ->tap(Attempt::onceAWalk(...))
            ->where('started_at', '<=', Carbon::now()->addDay())
            ->with('result:attempt_id,duration_ms,out_of_place')
            ->get(['id', 'student_id', 'scorer_id', 'started_at'])
            ->sortBy('started_at')
            ->toBase();
        $by = [];
        foreach ($rows->chunk(WalkOutcomes::AT_ONCE) as $some) {
            $outcomes = WalkOutcomes::of(array_values(
                $some->map(static fn (Attempt $attempt): string => $attempt->id)->all(),
            ));
            foreach ($some as $attempt) {
                $by[$attempt->student_id][] = new PastAttempt(
                    DayNumber::of($attempt->started_at), (string) $attempt->scorer_id,
                    ItemShares::of($outcomes[$attempt->id] ?? []),
                    $attempt->result === null ? null : $attempt->result->duration_ms / 1000.0,
                    $attempt->result?->out_of_place,
                );
            }
        }

        return $by;
    }

    private static function exam(Student $student): ?float
    {
        return $student->exam_on === null ? null : DayNumber::of($student->exam_on);
    }
}
