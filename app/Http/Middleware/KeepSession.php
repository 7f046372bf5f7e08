<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Sessions;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/** The framework's sessions, except that asking whether anything is new, and hearing no, writes nothing. */
final class KeepSession extends StartSession
{
    private const UNCHANGED = 'answered that nothing is new';

    /** @param  Request  $request */
    public function handle($request, Closure $next): mixed
    {
        return parent::handle($request, static function (Request $request) use ($next): mixed {
            $response = $next($request);
            if ($response instanceof Response && $response->getStatusCode() === Response::HTTP_NOT_MODIFIED) {
                $request->attributes->set(self::UNCHANGED, true);
            }

            return $response;
        });
    }

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        if (! $request->attributes->has(self::UNCHANGED)) {
            $user = $request->user();
            if ($user instanceof User && $request->hasSession()) {
                app(Sessions::class)->note($request->session(), $user, $request->ip(), $request->userAgent());
            }
            parent::saveSession($request);
        }
    }
}
