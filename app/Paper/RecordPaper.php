<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Attempt;
use App\Models\AttemptStatus;
use App\Models\ExamAppointment;
use App\Models\ExamResult;
use App\Models\Paper\PaperSize;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Scoring\Said;

/** The training record of a student, and the register of a class. */
final readonly class RecordPaper
{
    private const WALKS = ['Date', 'Checklist', 'Vehicle', 'Scored by', 'Kind', 'Verdict', 'Earned', 'Time'];

    public function __construct(private Printer $printer) {}

    public function ofStudent(School $school, Student $student, PaperSize $size, Carbon $now): string
    {
        $exams = ExamResult::standing($school->id)->where('student_id', $student->id)->get()->sortBy('held_on');
        $ahead = ExamAppointment::query()->where('student_id', $student->id)->where('cancelled_at', null)->get();

        return $this->printer->print('record', [
            'title' => 'Training record of '.$student->name,
            'about' => sprintf(
                '%s, %s. %s%s. Printed %s.', $school->name, $school->state,
                $student->className() === '' ? 'In no class' : $student->className(),
                $student->number === null ? '' : ', number '.$student->number, $school->dayOf($now),
            ),
            'tables' => [
                ['title' => 'Walks', 'heads' => self::WALKS, 'rows' => $this->walks($school, $student)],
                ['title' => 'Real exams', 'heads' => ['Date', 'Result', 'Form'], 'rows' => $exams->toBase()->map(
                    static fn (ExamResult $one): array => [
                        $one->held_on->toDateString(), $one->passed ? 'passed' : 'not passed', $one->form ?? '',
                    ],
                )->values()->all()],
                ['title' => 'Exams noted', 'heads' => ['Date', 'Time', 'Place', 'Examiner'],
                    'rows' => $ahead->sortBy('held_on')->toBase()->map(static fn (ExamAppointment $one): array => [
                        $one->held_on->toDateString(), $one->begins ?? '', $one->place ?? '', $one->examiner ?? '',
                    ])->values()->all()],
            ],
        ], $size, sprintf('%s · %s', $student->name, $school->name));
    }

    public function ofClass(School $school, SchoolClass $class, PaperSize $size, Carbon $now): string
    {
        $finished = static fn (Builder $query) => $query->where('status', AttemptStatus::Finished);
        $students = Student::present($school->id)->where('class_id', $class->id)
            ->withCount(['attempts as walks' => $finished])
            ->withMax(['attempts as last' => $finished], 'started_at')
            ->get()->sortBy('name');

        return $this->printer->print('record', [
            'title' => 'Register of '.$class->name,
            'about' => sprintf(
                '%s, %s. %s to %s. Printed %s.', $school->name, $school->state,
                $class->begins_on?->toDateString() ?? 'open', $class->ends_on?->toDateString() ?? 'open',
                $school->dayOf($now),
            ),
            'tables' => [[
                'title' => sprintf('%d students', $students->count()),
                'heads' => ['Name', 'Number', 'Exam', 'Walks', 'Last walk', 'Present', 'Signature'],
                'rows' => $students->toBase()->map(fn (Student $one): array => [
                    $one->name, $one->number ?? '', $one->exam_on?->toDateString() ?? '',
                    $one->getAttribute('walks'),
                    is_string($one->getAttribute('last'))
                        ? $school->dayOf(Carbon::parse($one->getAttribute('last')))
                        : '',
                    '', '',
                ])->values()->all(),
            ]],
        ], $size, sprintf('%s · %s', $class->name, $school->name));
    }

    /** @return list<list<string>> */
    private function walks(School $school, Student $student): array
    {
        $walks = Attempt::finished($school->id)->where('student_id', $student->id)->with(Attempt::CARD)->get();

        return array_values($walks->sortBy('started_at')->toBase()->map(fn (Attempt $one): array => [
            $school->dayOf($one->started_at), $one->checklist->name, $one->vehicle->name, $one->scorer->name,
            $one->mode->value === 'exam' ? 'examination' : 'practice', $one->result->standing->value ?? '',
            $one->result === null ? '' : Said::percent($one->result->permille),
            $one->result === null ? '' : Said::clock(intdiv($one->result->duration_ms, 1000)),
        ])->all());
    }
}
