<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use App\Trail\Did;
use App\Trail\Trail;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Pasada\Core\Access\PasswordRule;

/** Sets passwords by the rule. Whoever is signed in elsewhere with the old one is signed out. */
final readonly class Passwords
{
    public function __construct(
        private PasswordRule $rule, private Hasher $hasher, private ConnectionInterface $database,
        private Trail $trail,
    ) {}

    /** @throws ValidationException where it is too weak */
    public function check(string $password, string $name, string $email): void
    {
        $fault = $this->rule->fault($password, [$name, $email]);
        if ($fault !== null) {
            throw ValidationException::withMessages(['password' => $fault->said()]);
        }
    }

    /** @throws ValidationException where it is too weak */
    public function set(User $user, string $password, Carbon $now): void
    {
        $this->check($password, $user->name, $user->email);
        $this->database->transaction(function () use ($user, $password, $now): void {
            $user->update(['password' => $password, 'password_set_at' => $now]);
            $this->trail->keep($user->school_id, Did::PasswordSet, 'user', $user->id, by: $user);
        });
    }

    /** @throws ValidationException where the old one is another, or the new one too weak */
    public function change(User $user, string $old, string $new, Carbon $now): void
    {
        if (! $this->hasher->check($old, $user->getAuthPassword())) {
            throw ValidationException::withMessages(['old' => 'This is not your password as it is now.']);
        }
        $this->set($user, $new, $now);
    }

    /** That nobody knows: for an account that waits for its link. */
    public static function nobodys(): string
    {
        return Str::random(64);
    }
}
