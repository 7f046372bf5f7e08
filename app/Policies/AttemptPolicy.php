<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class AttemptPolicy
{
    public function create(User $user): Response
    {
        return $user->role->scores() ? Response::allow() : Response::deny('Only an instructor or an examiner starts an attempt.');
    }

    public function view(User $user, Attempt $attempt): Response
    {
        $mayKnow = $user->school_id === $attempt->school_id && ($user->role->seesAllStudents() || $user->id === $attempt->student->user_id);

        return $mayKnow ? Response::allow() : Response::denyAsNotFound('There is no such attempt here.');
    }

    public function mark(User $user, Attempt $attempt): Response
    {
        if ($user->id === $attempt->scorer_id) {
            return Response::allow();
        }

        return $this->view($user, $attempt)->allowed()
            ? Response::deny('Only '.$attempt->scorer->name.', who started this attempt, marks it.')
            : Response::denyAsNotFound('There is no such attempt here.');
    }
}
