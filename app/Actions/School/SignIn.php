<?php

declare(strict_types=1);

namespace App\Actions\School;

use App\Library\KnownAddresses;
use App\Library\SessionStart;
use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Contracts\Session\Session;
use Illuminate\Validation\ValidationException;

final readonly class SignIn
{
    public function __construct(
        private StatefulGuard $guard, private Session $session, private Hasher $hasher, private KnownAddresses $known,
    ) {}

    /** @throws ValidationException with the same words, after the same time, for a wrong name and a wrong password */
    public function handle(string $email, string $password, string $address): User
    {
        if (! User::query()->where('email', $email)->exists()) {
            // As long as checking a password takes: how fast the answer comes tells nobody who has an account.
            $this->hasher->make($password);
        }
        if (! $this->guard->attempt(['email' => $email, 'password' => $password])) {
            throw ValidationException::withMessages([
                'email' => 'This address and password do not belong together. Check both; capitals count in the '.
                    'password.',
            ]);
        }
        $this->session->regenerate();
        $this->session->forget(SessionStart::KEY);
        $user = $this->guard->user();
        assert($user instanceof User);
        $this->known->remember($user, $address);

        return $user;
    }
}
