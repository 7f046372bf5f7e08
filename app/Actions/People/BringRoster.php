<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Actions\Progress\RecordExamResult;
use App\Library\AlikeStudents;
use App\Models\ExamResult;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Pasada\Core\Roster\EarlierResult;
use Pasada\Core\Roster\Roster;
use Pasada\Core\Roster\RosterLine;

/** Takes a list of students in: all of it, or nothing. */
final readonly class BringRoster
{
    public function __construct(private ConnectionInterface $database, private RecordExamResult $results) {}

    /**
     * Who is there already, by name or number; those who have left, too.
     *
     * @return array<int, list<Student>> by line
     */
    public function known(int $schoolId, Roster $roster): array
    {
        $students = AlikeStudents::at($schoolId);
        $known = [];
        foreach ($roster->lines as $line) {
            $alike = $students->to($line->name, $line->number);
            if ($alike !== []) {
                $known[$line->line] = $alike;
            }
        }

        return $known;
    }

    /**
     * What came of earlier exams goes with them.
     *
     * @param  list<RosterLine>  $lines
     * @param  array<int, Student>  $same  who is there already, by line
     * @return int how many lines were taken in
     */
    public function keep(User $by, array $lines, array $same, Carbon $now): int
    {
        $schoolId = $by->school_id;
        $kept = $this->database->transaction(function () use ($by, $schoolId, $lines, $same, $now): int {
            $classes = [];
            foreach ($lines as $line) {
                $student = $same[$line->line] ?? null;
                $class = $line->className;
                if ($class !== null && $student === null) {
                    $classes[$class] ??= SchoolClass::query()->firstOrCreate([
                        'school_id' => $schoolId, 'name' => $class,
                    ]);
                }
                $student ??= Student::query()->create([
                    'school_id' => $schoolId, 'user_id' => null, 'name' => $line->name, 'number' => $line->number,
                    'class_id' => $class === null ? null : $classes[$class]->id, 'exam_on' => $line->examOn,
                ]);
                if ($line->result !== null) {
                    $this->record($line->result, $student, $by, $now);
                }
            }

            return count($lines);
        });

        return is_int($kept) ? $kept : 0;
    }

    /** Brought twice, it is there once. */
    private function record(EarlierResult $result, Student $student, User $by, Carbon $now): void
    {
        $known = ExamResult::standing($student->school_id)->where([
            'student_id' => $student->id, 'held_on' => $result->heldOn, 'passed' => $result->passed,
        ]);
        if ($known->doesntExist()) {
            $this->results->handle(
                (string) Str::uuid7(), $by, $student, Carbon::parse($result->heldOn), $result->passed, null, null, $now,
            );
        }
    }
}
