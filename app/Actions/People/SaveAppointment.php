<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Exceptions\IdIsTaken;
use App\Models\ExamAppointment;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Notes and cancels exam appointments. The day that a student is readied for is that of the next one. */
final readonly class SaveAppointment
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * Sent twice, it is noted once; with other words it takes the place of what was noted.
     *
     * @param  array{held_on: string, begins: string|null, place: string|null, examiner: string|null,
     *   vehicle: string|null, form: string|null}  $told
     *
     * @throws IdIsTaken if it is an appointment of somebody else
     */
    public function note(string $id, User $by, Student $student, array $told, Carbon $now): ExamAppointment
    {
        return $this->held($student, $now, static function () use ($id, $by, $student, $told): ExamAppointment {
            $known = ExamAppointment::query()->find($id);
            if ($known !== null && $known->student_id !== $student->id) {
                throw IdIsTaken::byAppointment($id);
            }

            return ExamAppointment::query()->updateOrCreate(['id' => $id], [
                ...$told, 'school_id' => $student->school_id, 'student_id' => $student->id, 'noted_by' => $by->id,
            ]);
        });
    }

    public function cancel(ExamAppointment $appointment, Student $student, Carbon $now): void
    {
        $this->held($student, $now, static function () use ($appointment, $now): ExamAppointment {
            if ($appointment->refresh()->cancelled_at === null) {
                $appointment->update(['cancelled_at' => $now]);
            }

            return $appointment;
        });
    }

    /** @param  callable(): ExamAppointment  $write */
    private function held(Student $student, Carbon $now, callable $write): ExamAppointment
    {
        $kept = $this->database->transaction(static function () use ($student, $now, $write): ExamAppointment {
            $held = Student::held($student->id);
            $kept = $write();
            $today = School::query()->findOrFail($student->school_id)->today($now)->toDateString();
            $next = ExamAppointment::query()
                ->where('student_id', $student->id)
                ->whereNull('cancelled_at')
                ->where('held_on', '>=', $today)
                ->min('held_on');
            $held->update(['exam_on' => $next]);

            return $kept;
        });
        assert($kept instanceof ExamAppointment);

        return $kept;
    }
}
