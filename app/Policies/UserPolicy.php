<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class UserPolicy
{
    /** Lets people in, changes what a school is, reads its trail. */
    public function manage(User $user): Response
    {
        return $user->manages() ? Response::allow() : Response::deny('Only the manager does this. Ask them.');
    }

    /** One of the own school. */
    public function change(User $user, User $person): Response
    {
        return match (true) {
            $this->manage($user)->denied() => $this->manage($user),
            $user->school_id !== $person->school_id => Response::denyAsNotFound('There is no such account here.'),
            default => Response::allow(),
        };
    }

    /** A link for a password: the manager gives one to everybody, an instructor to students. */
    public function invite(User $user, User $person): Response
    {
        return match (true) {
            $user->school_id !== $person->school_id => Response::denyAsNotFound('There is no such account here.'),
            $user->manages(), $user->changesDocuments() && $person->has(Role::Student) => Response::allow(),
            default => Response::deny('The manager gives out links for passwords. Ask them.'),
        };
    }

    /** Adds and changes students, classes and appointments. */
    public function teach(User $user): Response
    {
        return $user->changesDocuments()
            ? Response::allow()
            : Response::deny('An instructor or a manager changes students and classes.');
    }

    /** Sets who walks what with whom and when. */
    public function planWeeks(User $user): Response
    {
        return $user->changesDocuments()
            ? Response::allow()
            : Response::deny('An instructor or a manager plans the week.');
    }
}
