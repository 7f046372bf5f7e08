<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Sessions;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/**
 * The framework's sessions, written where something of them has changed, and else once a minute so that they live on.
 * Asking whether anything is new, and hearing no, writes nothing.
 */
final class KeepSession extends StartSession
{
    private const UNCHANGED = 'answered that nothing is new';

    /** Where a request keeps what its session was. */
    private const WAS = 'session as it was';

    /** Where a session keeps when it was last written. */
    private const WRITTEN = 'written_at';

    private const WRITTEN_AGAIN_SECONDS = 60;

    public function __construct(SessionManager $manager, private readonly Sessions $sessions)
    {
        parent::__construct($manager);
    }

    /** @param  Request  $request */
    public function handle($request, Closure $next): mixed
    {
        return parent::handle($request, static function (Request $request) use ($next): mixed {
            $request->attributes->set(self::WAS, [$request->session()->getId(), $request->session()->all()]);
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
                $this->sessions->note($request->session(), $user, $request->ip(), $request->userAgent());
            }
            if ($this->isToBeWritten($request)) {
                $request->session()->put(self::WRITTEN, Carbon::now()->getTimestamp());
                parent::saveSession($request);
            }
        }
    }

    /**
     * No page of the server's is gone back to.
     *
     * @param  Request  $request
     * @param  Session  $session
     */
    protected function storeCurrentUrl($request, $session): void {}

    private function isToBeWritten(Request $request): bool
    {
        $session = $request->session();
        $written = $session->get(self::WRITTEN);

        return [$session->getId(), $session->all()] !== $request->attributes->get(self::WAS)
            || ! is_int($written) || $written <= Carbon::now()->getTimestamp() - self::WRITTEN_AGAIN_SECONDS;
    }
}
