<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Auth\Access\Response;

final class StoredDocumentPolicy
{
    public function viewAny(User $user): Response
    {
        return $user->seesAllStudents()
            ? Response::allow()
            : Response::deny('Checklists and vehicles are for those who teach and examine.');
    }

    /** Whether a truck is driven is for who answers for it. */
    public function service(User $user, StoredDocument $document): Response
    {
        return match (true) {
            $this->view($user, $document)->denied() => $this->view($user, $document),
            $user->manages() => Response::allow(),
            default => Response::deny('Only the manager takes a vehicle out of service or brings it back. Tell them.'),
        };
    }

    /** What all score by is for who answers for it. */
    public function withdraw(User $user, StoredDocument $document): Response
    {
        return match (true) {
            $this->view($user, $document)->denied() => $this->view($user, $document),
            $user->manages() => Response::allow(),
            default => Response::deny('Only the manager takes a version out of force or brings it back. Tell them.'),
        };
    }

    public function view(User $user, StoredDocument $document): Response
    {
        return $user->school_id === $document->school_id && $this->viewAny($user)->allowed()
            ? Response::allow()
            : Response::denyAsNotFound('There is no such checklist or vehicle here.');
    }
}
