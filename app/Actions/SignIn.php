<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Session\Store;
use Illuminate\Validation\ValidationException;

final readonly class SignIn
{
    public function __construct(private StatefulGuard $guard, private Store $session) {}

    /** @throws ValidationException with the same words for a wrong name and a wrong password */
    public function handle(string $email, string $password): User
    {
        if (! $this->guard->attempt(['email' => $email, 'password' => $password])) {
            throw ValidationException::withMessages(['email' => 'This address and password do not belong together. Check both; capitals count in the password.']);
        }
        $this->session->regenerate();
        $user = $this->guard->user();
        assert($user instanceof User);

        return $user;
    }
}
