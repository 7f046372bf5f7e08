<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/**
 * A number for every request, by which what somebody saw is found in the logs: made by nginx, or here; sent back in
 * `X-Request-Id`, written with each line of the log, and told with an error that is ours.
 */
final class NameRequest
{
    public const HEADER = 'X-Request-Id';

    /** What nginx hands over; no header, so that nobody outside can set it. */
    private const GIVEN = 'PASADA_REQUEST_ID';

    private const KEY = 'request_id';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $given = $request->server->get(self::GIVEN);
        $name = is_string($given) && preg_match('/^[0-9a-f]{32}$/', $given) === 1 ? $given : bin2hex(random_bytes(16));
        Context::add(self::KEY, $name);
        $response = $next($request);
        $response->headers->set(self::HEADER, $name);

        return $response;
    }

    /** Of the request that is being answered; null on the command line. */
    public static function current(): ?string
    {
        $name = Context::get(self::KEY);

        return is_string($name) ? $name : null;
    }
}
