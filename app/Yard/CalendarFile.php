<?php

declare(strict_types=1);

namespace App\Yard;

use App\Models\ExamAppointment;
use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use App\Models\YardWalk;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** Planned walks as iCalendar (RFC 5545): a manager's are all, an instructor's and a student's their own. */
final readonly class CalendarFile
{
    /** A calendar shows what was lately, and all that is ahead. */
    private const WEEKS_BACK = 4;

    public function of(User $user, Carbon $now): string
    {
        $school = School::query()->findOrFail($user->school_id);
        $walks = YardWalk::ofSchool($school->id)
            ->where('slot', '>=', $now->copy()->subWeeks(self::WEEKS_BACK)->format('Y-m-d\TH:i'))
            ->with(['student:id,name', 'vehicle:id,name', 'instructor:id,name']);
        match ($user->role) {
            Role::Instructor => $walks->where('instructor_id', $user->id),
            Role::Student => $walks->whereIn('student_id', Student::query()->where('user_id', $user->id)->pluck('id')),
            default => null,
        };
        $calendar = new VCalendar(['PRODID' => '-//Pasada//Week in the yard//EN', 'X-WR-CALNAME' => $school->name]);
        foreach ($walks->get()->sortBy('slot') as $walk) {
            $from = (new DateTimeImmutable($walk->slot, new DateTimeZone($school->time_zone)))
                ->setTimezone(new DateTimeZone('UTC'));
            $calendar->add('VEVENT', [
                'UID' => sprintf('walk-%d-%s-%d@pasada', $school->id, $walk->slot, $walk->vehicle_id),
                'DTSTAMP' => new DateTimeImmutable($now->copy()->utc()->format('Y-m-d H:i:s'), new DateTimeZone('UTC')),
                'DTSTART' => $from,
                'DTEND' => $from->modify(sprintf('+%d minutes', $walk->minutes)),
                'SUMMARY' => sprintf('%s walks with %s', $walk->student->name, $walk->instructor->name),
                'LOCATION' => $walk->vehicle->name,
                'DESCRIPTION' => ! $user->seesAllStudents() ? '' : ucfirst($walk->why).'.',
            ]);
        }
        $this->exams($calendar, $user, $school, $now);

        return $calendar->serialize();
    }

    /** Real exams that are noted: a student's own, and for whoever works at the school all of them. */
    private function exams(VCalendar $calendar, User $user, School $school, Carbon $now): void
    {
        $exams = ExamAppointment::ofSchool($school->id)
            ->where('cancelled_at', null)
            ->where('held_on', '>=', $now->copy()->subWeeks(self::WEEKS_BACK)->toDateString())
            ->with('student:id,name,user_id');
        if (! $user->seesAllStudents()) {
            $exams->whereHas('student', static fn (Builder $student) => $student->where('user_id', $user->id));
        }
        foreach ($exams->get()->sortBy('held_on') as $exam) {
            $event = $calendar->add('VEVENT', [
                'UID' => "exam-$exam->id@pasada",
                'DTSTAMP' => new DateTimeImmutable($now->copy()->utc()->format('Y-m-d H:i:s'), new DateTimeZone('UTC')),
                'SUMMARY' => 'Exam of '.$exam->student->name,
                'LOCATION' => $exam->place ?? '',
                'DESCRIPTION' => $exam->examiner === null ? '' : 'Examiner: '.$exam->examiner,
            ]);
            assert($event instanceof VEvent);
            $exam->begins === null
                ? $event->add('DTSTART', $exam->held_on->format('Ymd'), ['VALUE' => 'DATE'])
                : $event->add('DTSTART', (new DateTimeImmutable(
                    $exam->held_on->toDateString().' '.$exam->begins, new DateTimeZone($school->time_zone),
                ))->setTimezone(new DateTimeZone('UTC')));
        }
    }
}
