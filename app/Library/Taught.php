<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Attempt;
use App\Models\AttemptMode;
use App\Models\Role;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/**
 * Whether somebody who instructs and examines has taught a student: then another has to examine (49 CFR 383.75(a)(7)).
 * A mock examination by an instructor who does not examine is practice, and free.
 */
final readonly class Taught
{
    public const SAID = 'You have taught this student, so somebody else has to examine: 49 CFR 383.75(a)(7). Start it '.
        'as practice, or hand the student over.';

    public static function by(User $user, Student $student): bool
    {
        if (! $user->has(Role::Examiner) || ! $user->has(Role::Instructor)) {
            return false;
        }

        return Attempt::finished($user->school_id)
            ->where('student_id', $student->id)
            ->where('scorer_id', $user->id)
            ->where('mode', AttemptMode::Practice)
            ->exists()
            || SchoolClass::query()->whereKey($student->class_id)
                ->whereHas('instructors', static fn (Builder $query) => $query->whereKey($user->id))
                ->exists();
    }
}
