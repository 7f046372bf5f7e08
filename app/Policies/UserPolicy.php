<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;

final class UserPolicy
{
    /** Sets who walks what with whom and when. */
    public function planWeeks(User $user): Response
    {
        return $user->role->changesDocuments()
            ? Response::allow()
            : Response::deny('An instructor or a manager plans the week.');
    }
}
