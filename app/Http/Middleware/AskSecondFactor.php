<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\SecondFactor;
use App\Exceptions\ProblemKind;
use App\Http\Problem;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where the school asks a second factor of a role, whoever has none yet can do nothing but set it up. */
final class AskSecondFactor
{
    private const OPEN = ['api/v1/session', 'api/v1/account', 'api/v1/account/*'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if (
            $user instanceof User && $user->two_factor_at === null && ! $request->is(...self::OPEN) &&
            SecondFactor::isRequired($user, $user->school)
        ) {
            return Problem::respond(
                ProblemKind::SecondFactorMissing,
                'Your school asks for a second factor. Set it up under your account, then go on.',
            );
        }

        return $next($request);
    }
}
