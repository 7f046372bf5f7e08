<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Draft;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class DraftPolicy
{
    /** An examiner uses what is in force and changes nothing of it. */
    public function create(User $user): Response
    {
        return $user->changesDocuments()
            ? Response::allow()
            : Response::deny('Only an instructor or the manager changes checklists and vehicles.');
    }

    public function edit(User $user, Draft $draft): Response
    {
        return $user->school_id === $draft->school_id && $this->create($user)->allowed()
            ? Response::allow()
            : Response::denyAsNotFound('There is no such draft here.');
    }

    /** A colleague may help along with a draft; whether it goes is for who opened it, and for the manager. */
    public function delete(User $user, Draft $draft): Response
    {
        return match (true) {
            $this->edit($user, $draft)->denied() => $this->edit($user, $draft),
            $user->id === $draft->user_id || $user->manages() => Response::allow(),
            default => Response::deny('Only who opened this draft, or the manager, deletes it.'),
        };
    }

    public function publish(User $user, Draft $draft): Response
    {
        return match (true) {
            $this->edit($user, $draft)->denied() => $this->edit($user, $draft),
            $user->manages() => Response::allow(),
            default => Response::deny(
                'The manager puts a checklist or vehicle in force, so that all score by the same. Your draft is '.
                    'kept; ask for it.',
            ),
        };
    }
}
