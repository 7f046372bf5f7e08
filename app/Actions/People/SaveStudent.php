<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Access\Passwords;
use App\Exceptions\IdIsTaken;
use App\Models\Attempt;
use App\Models\ExamAppointment;
use App\Models\ExamResult;
use App\Models\Recital;
use App\Models\Rehearsal;
use App\Models\Role;
use App\Models\Student;
use App\Models\User;
use App\Models\YardWalk;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** Adds, changes, archives and merges students. */
final readonly class SaveStudent
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * Sent twice, the student is there once.
     *
     * @param  string  $uuid  made by the page
     * @param  array{name: string, class_id: int|null, number: string|null, exam_on: string|null}  $told
     *
     * @throws IdIsTaken if it stands for a student of another school
     */
    public function add(string $uuid, int $schoolId, array $told): Student
    {
        $student = Student::query()->firstOrCreate(
            ['uuid' => $uuid], ['school_id' => $schoolId, 'user_id' => null, ...$told],
        );

        return $student->school_id === $schoolId ? $student : throw IdIsTaken::byStudent($uuid);
    }

    /** @param  array{name: string, class_id: int|null, number: string|null, exam_on: string|null}  $told */
    public function change(Student $student, array $told): void
    {
        $this->database->transaction(static function () use ($student, $told): void {
            $student->update($told);
            User::query()->find($student->user_id ?? 0)?->update(['name' => $told['name']]);
        });
    }

    /**
     * Out of every list; nothing of the record is lost, and who has an account cannot sign in.
     *
     * @throws ValidationException where a record would come back that was merged into another
     */
    public function archive(Student $student, bool $isArchived, Carbon $now): void
    {
        if (! $isArchived && $student->merged_into !== null) {
            throw ValidationException::withMessages([
                'archived' => 'This record was merged into another and is empty. Open the one that it went to.',
            ]);
        }
        $this->database->transaction(static function () use ($student, $isArchived, $now): void {
            if ($isArchived !== ($student->archived_at !== null)) {
                $student->update(['archived_at' => $isArchived ? $now : null]);
                User::query()->find($student->user_id ?? 0)?->update(['disabled_at' => $isArchived ? $now : null]);
            }
        });
    }

    /** An account by which the student sees the own record; who has one keeps it. */
    public function account(Student $student, string $email): User
    {
        $account = $this->database->transaction(static function () use ($student, $email): User {
            $held = Student::held($student->id);
            $account = User::query()->find($held->user_id ?? 0);
            if ($account instanceof User) {
                $account->update(['email' => $email]);

                return $account;
            }
            $account = User::query()->create([
                'school_id' => $held->school_id, 'name' => $held->name, 'email' => $email,
                'password' => Passwords::nobodys(), 'role' => Role::Student,
            ]);
            $held->update(['user_id' => $account->id]);

            return $account;
        });
        assert($account instanceof User);
        $student->refresh();

        return $account;
    }

    /**
     * Two records of one person become one: all that the first has goes to the second, and the first stays behind,
     * archived, with where it went.
     *
     * @throws ValidationException where it is the same record, or one that was merged before
     */
    public function merge(Student $from, Student $into, Carbon $now): void
    {
        if ($from->id === $into->id || $from->merged_into !== null || $into->merged_into !== null) {
            throw ValidationException::withMessages(['into' => $from->id === $into->id
                ? 'Choose another record; this is the same one.'
                : 'One of these records was merged already. Open the one that it went to.']);
        }
        $this->database->transaction(function () use ($from, $into, $now): void {
            Student::query()->whereKey([$from->id, $into->id])->orderBy('id')->lockForUpdate()->get();
            foreach ([Attempt::class, ExamResult::class, ExamAppointment::class] as $model) {
                $model::query()->where('student_id', $from->id)->get()->each->update(['student_id' => $into->id]);
            }
            Recital::query()->where('student_id', $from->id)->update(['student_id' => $into->id]);
            Rehearsal::query()->where('student_id', $from->id)->update(['student_id' => $into->id]);
            YardWalk::query()->where('student_id', $from->id)->delete();
            $account = $from->user_id;
            $from->update([
                'archived_at' => $from->archived_at ?? $now, 'merged_into' => $into->id, 'user_id' => null,
            ]);
            if ($account !== null) {
                $into->user_id === null
                    ? $into->update(['user_id' => $account])
                    : User::query()->findOrFail($account)->update(['disabled_at' => $now]);
            }
        });
    }
}
