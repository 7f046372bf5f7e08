<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Student;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class StudentPolicy
{
    public function viewAny(User $user): Response
    {
        return $user->seesAllStudents()
            ? Response::allow()
            : Response::deny('A student sees only their own record.');
    }

    public function view(User $user, Student $student): Response
    {
        $mayKnow =
            $user->school_id === $student->school_id &&
            ($user->seesAllStudents() || $user->id === $student->user_id);

        // Not "forbidden": whether a record exists is nobody's business who may not read it.
        return $mayKnow ? Response::allow() : Response::denyAsNotFound('There is no such student here.');
    }

    /** Changes what is kept of a student. */
    public function change(User $user, Student $student): Response
    {
        return match (true) {
            $this->view($user, $student)->denied() => $this->view($user, $student),
            ! $user->changesDocuments() => Response::deny('An instructor or a manager changes students.'),
            default => Response::allow(),
        };
    }

    /** Records what came of a real exam. */
    public function recordExam(User $user, Student $student): Response
    {
        return match (true) {
            $this->view($user, $student)->denied() => $this->view($user, $student),
            ! $user->seesAllStudents() => Response::deny('An instructor, examiner or manager records results.'),
            default => Response::allow(),
        };
    }
}
