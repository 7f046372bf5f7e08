<?php

declare(strict_types=1);

namespace App\Retention;

use App\Access\Passwords;
use App\Access\Sessions;
use App\Exceptions\RecordsAreHeld;
use App\Models\Attempt;
use App\Models\ExamResult;
use App\Models\LegalHold;
use App\Models\Recital;
use App\Models\Rehearsal;
use App\Models\Student;
use App\Models\User;
use App\Models\YardWalk;
use App\Sound\ForgetSound;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/**
 * Erases what is known of a student, as far as no duty to keep stands against it: training records stay for their years
 * (49 CFR 380.725), and all of it where there is a dispute. What stays is told with its day.
 */
final readonly class Erasure
{
    /** In place of the name of somebody who was erased. */
    public const NOBODY = 'Erased';

    public function __construct(
        private ConnectionInterface $database, private DueRecords $due, private Sessions $sessions,
        private Trail $trail, private ForgetSound $sound,
    ) {}

    public function told(Student $student, Carbon $now): ErasureTold
    {
        $hold = LegalHold::query()->where('student_id', $student->id)->where('ended_at', null)->first();
        $due = $hold === null ? $this->due->told($student->school, $now, $student)['count'] : 0;
        $walks = Attempt::query()->where('student_id', $student->id);
        $kept = $walks->clone()->count() - $due;
        $newest = $walks->max('started_at');

        return new ErasureTold(
            $hold?->reason, $due,
            Recital::query()->where('student_id', $student->id)->count()
                + Rehearsal::query()->where('student_id', $student->id)->count()
                + $this->database->table('brake_practices')->where('user_id', $student->user_id ?? 0)->count(),
            $kept,
            $kept > 0 && is_string($newest)
                ? $student->school->dayOf(Carbon::parse($newest)->addYears(DueRecords::years($student->school)))
                : null,
        );
    }

    /**
     * Erasing again erases what has fallen due since.
     *
     * @throws RecordsAreHeld while there is a hold
     */
    public function handle(Student $student, User $by, Carbon $now): void
    {
        $this->database->transaction(function () use ($student, $by, $now): void {
            $held = Student::held($student->id)->loadMissing('school');
            $told = $this->told($held, $now);
            if ($told->held !== null) {
                throw RecordsAreHeld::because($told->held);
            }
            if ($told->walks > 0) {
                $this->due->delete($held->school, $by, $told->walks, $now, $held);
            }
            $this->sound->ofStudent($held, $now);
            Recital::query()->where('student_id', $held->id)->delete();
            Rehearsal::query()->where('student_id', $held->id)->delete();
            YardWalk::query()->where('student_id', $held->id)->delete();
            $this->database->table('exam_appointments')->where('student_id', $held->id)->delete();
            $account = User::query()->find($held->user_id ?? 0);
            if ($account instanceof User) {
                $this->closed($account, $now);
            }
            if ($told->kept === 0) {
                $this->nameless($held, $account, $now);
            }
            $this->trail->keep($held->school_id, Did::Erased, 'student', $held->id, null, [
                'walks' => $told->walks, 'practices' => $told->practices, 'kept' => $told->kept,
                'kept_until' => $told->keptUntil,
            ]);
        });
        $student->refresh();
    }

    private function closed(User $account, Carbon $now): void
    {
        $this->database->table('brake_practices')->where('user_id', $account->id)->delete();
        $this->database->table('access_links')->where('user_id', $account->id)->delete();
        $this->sessions->endAll($account);
        if ($account->disabled_at === null) {
            $account->update(['disabled_at' => $now]);
        }
    }

    /** Past the observer: a trail of the change would keep what is erased. */
    private function nameless(Student $student, ?User $account, Carbon $now): void
    {
        ExamResult::query()->where('student_id', $student->id)->toBase()->delete();
        $this->database->table('legal_holds')->where('student_id', $student->id)->update(['reason' => self::NOBODY]);
        // A record that was found to be of the same person bears the name, too.
        $this->database->table('students')->where('id', $student->id)->orWhere('merged_into', $student->id)->update([
            'name' => self::NOBODY, 'number' => null, 'class_id' => null, 'exam_on' => null,
            'archived_at' => $student->archived_at ?? $now,
        ]);
        if ($account !== null) {
            $this->database->table('users')->where('id', $account->id)->update([
                'name' => self::NOBODY, 'email' => "erased-$account->id@erased.invalid",
                'password' => Passwords::nobodys(), 'two_factor_secret' => null, 'recovery_codes' => null,
                'calendar_secret' => null,
            ]);
        }
    }
}
