<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Operations\RequestFigures;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;

/** Counts each request by its route and answer, and how long it took; never by who asked or for what. */
final readonly class CountRequest
{
    public function __construct(private RequestFigures $figures) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $from = hrtime(true);
        $response = $next($request);
        $this->figures->count(
            $this->route($request), $request->method(), $response->getStatusCode(),
            (hrtime(true) - $from) / 1e9,
        );

        return $response;
    }

    private function route(Request $request): string
    {
        /** @var Route|null $route none where nothing was found */
        $route = $request->getRouteResolver()();

        return $route === null ? 'nowhere' : $route->uri();
    }
}
