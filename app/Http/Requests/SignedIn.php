<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;

/** @mixin Request */
trait SignedIn
{
    /** @throws AuthenticationException on a route that forgot to ask for a sign-in */
    public function signedIn(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new AuthenticationException;
    }
}
