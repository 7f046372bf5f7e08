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
        return $user->role->seesAllStudents()
            ? Response::allow()
            : Response::deny('Checklists and vehicles are for those who teach and examine.');
    }

    public function view(User $user, StoredDocument $document): Response
    {
        return $user->school_id === $document->school_id && $this->viewAny($user)->allowed()
            ? Response::allow()
            : Response::denyAsNotFound('There is no such checklist or vehicle here.');
    }
}
