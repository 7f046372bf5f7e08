<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\ProblemKind;
use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses a body that is larger than its route takes before anything of it is read; in front of everything that reads
 * it.
 */
final class LimitBody
{
    /** Bytes of a body that carries a few fields. */
    public const SMALL = 32_768;

    /** Of a list of what was seen or said: thousands of short lines. */
    public const LIST = 524_288;

    /** Of a file: captions, a trace, a checklist, a record. */
    public const FILE = 4_194_304;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $most): Response
    {
        // Whoever brings no session will be sent away: nothing large is read for that.
        $isGuest = ! $request->hasCookie(Config::string('session.cookie'));
        $bytes = $isGuest ? self::SMALL : (int) $most;
        $sent = max((int) $request->headers->get('Content-Length', '0'), strlen($request->getContent()));
        if ($sent > $bytes) {
            return Problem::respond(
                ProblemKind::TooLarge,
                sprintf(
                    'This is %s large; at most %s are taken here. Nothing of it was kept; send less, or in parts.',
                    self::told($sent),
                    self::told($bytes),
                ),
            );
        }

        return $next($request);
    }

    public static function of(int $bytes): string
    {
        return self::class.':'.$bytes;
    }

    private static function told(int $bytes): string
    {
        return $bytes >= 1_048_576
            ? sprintf('%.1f MB', $bytes / 1_048_576)
            : sprintf('%d kB', (int) ceil($bytes / 1024));
    }
}
