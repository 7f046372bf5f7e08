<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\ProblemKind;
use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Laravel reads a broken JSON body as an empty one; here it is told apart and named. */
final class RefuseMalformedJson
{
    /** Deeper than any of our documents by far. */
    private const DEEPEST = 64;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (
            $request->isJson() &&
            $request->getContent() !== '' &&
            ! is_array(json_decode($request->getContent(), true, self::DEEPEST))
        ) {
            return Problem::respond(
                ProblemKind::Malformed,
                'The body is not a JSON object ('.
                    json_last_error_msg().
                    '). Nothing was kept; check it for a missing comma, quote or bracket.',
            );
        }

        return $next($request);
    }
}
