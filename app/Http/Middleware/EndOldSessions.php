<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Library\SessionStart;
use App\Models\User;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/** A session ends some hours after the sign-in however much it is used, and at once when the password is changed. */
final readonly class EndOldSessions
{
    public function __construct(private StatefulGuard $guard, private int $longestHours) {}

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException where the session is over
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession()) {
            $session = $request->session();
            $since = $session->get(SessionStart::KEY);
            // Somebody else signed in on this device without signing out first.
            if (! is_array($since) || ($since['user'] ?? null) !== $user->id) {
                $session->put(SessionStart::KEY, $since = self::begun($user));
            }
            $isOld =
                Carbon::now()->getTimestamp() - (is_int($since['at'] ?? null) ? $since['at'] : 0) >
                $this->longestHours * 3600;
            $isOther = ($since['password'] ?? null) !== self::begun($user)['password'];
            if ($isOld || $isOther || $user->disabled_at !== null) {
                $this->guard->logout();
                $session->invalidate();

                throw new AuthenticationException;
            }
        }

        return $next($request);
    }

    /** @return array{user: int, at: int, password: string} */
    private static function begun(User $user): array
    {
        return [
            'user' => $user->id,
            'at' => Carbon::now()->getTimestamp(),
            'password' => hash('sha256', $user->getAuthPassword()),
        ];
    }
}
