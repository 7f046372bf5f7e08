<?php

declare(strict_types=1);

namespace App\Actions\School;

use App\Access\SecondFactor;
use App\Exceptions\SecondFactorIsAsked;
use App\Library\KnownAddresses;
use App\Library\SessionStart;
use App\Models\User;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

final readonly class SignIn
{
    public function __construct(
        private StatefulGuard $guard, private Session $session, private Hasher $hasher, private KnownAddresses $known,
        private SecondFactor $secondFactor, private Trail $trail,
    ) {}

    /**
     * @throws ValidationException with the same words, after the same time, for a wrong name and a wrong password
     * @throws SecondFactorIsAsked where both are right, and no code was sent
     */
    public function handle(string $email, string $password, ?string $code, string $address, Carbon $now): User
    {
        $user = User::query()->where('email', $email)->first();
        if ($user === null) {
            // As long as checking a password takes: how fast the answer comes tells nobody who has an account.
            $this->hasher->make($password);
        }
        if ($user === null || ! $this->hasher->check($password, $user->getAuthPassword())) {
            if ($user !== null) {
                $this->trail->keep($user->school_id, Did::SignInRefused, 'user', $user->id);
            }
            throw ValidationException::withMessages([
                'email' => 'This address and password do not belong together. Check both; capitals count in the '.
                    'password.',
            ]);
        }
        if ($user->disabled_at !== null) {
            throw ValidationException::withMessages([
                'email' => 'This account is closed. Ask the manager of the school.',
            ]);
        }
        $this->secondFactor->take($user, $code, $now);

        return $this->enter($user, $address);
    }

    /** Begins the session of somebody who has shown who they are. */
    public function enter(User $user, string $address): User
    {
        $this->guard->login($user);
        $this->session->regenerate();
        $this->session->forget(SessionStart::KEY);
        $this->known->remember($user, $address);
        $this->trail->keep($user->school_id, Did::SignedIn, 'user', $user->id, by: $user);

        return $user;
    }
}
