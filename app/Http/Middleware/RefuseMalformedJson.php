<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Laravel reads a broken JSON body as an empty one; here it is told apart and named. */
final class RefuseMalformedJson
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isJson() && $request->getContent() !== '' && ! is_array(json_decode($request->getContent(), true))) {
            return Problem::respond(400, 'The body is not a JSON object ('.json_last_error_msg().'). Nothing was kept; check it for a missing comma, quote or bracket.');
        }

        return $next($request);
    }
}
