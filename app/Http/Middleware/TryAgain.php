<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\Trouble;
use App\Operations\Counters;
use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\DatabaseManager;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Redis\RedisManager;
use Illuminate\Support\Sleep;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * A request that failed since two writers were in each other's way, or since a node of the database died, is answered
 * from its beginning once more: whatever writes here may be sent twice. From the beginning and not from its
 * transaction, because what was read before may have changed since.
 */
final readonly class TryAgain
{
    /** Milliseconds before each further try: together longer than it takes to notice that a node is gone. */
    public const PAUSES_MS = [20, 100, 300, 600, 1000];

    public function __construct(private Application $app, private Counters $counters) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $tries = 0;
        do {
            $response = $next($request);
            $why = self::whyOf($response);
            $trouble = $why === null ? null : Trouble::of($why);
            if ($trouble === null || ! isset(self::PAUSES_MS[$tries])) {
                return $response;
            }
            $this->counters->add('tried_again_total', ['why' => $trouble->value]);
            if ($trouble === Trouble::Away) {
                $this->letGo();
            }
            // Writers that met once and wait for the same time meet again.
            Sleep::for(random_int(intdiv(self::PAUSES_MS[$tries], 2), self::PAUSES_MS[$tries]))->milliseconds();
            $tries++;
        } while (true);
    }

    private static function whyOf(Response $response): ?Throwable
    {
        return $response instanceof JsonResponse || $response instanceof PlainResponse ? $response->exception : null;
    }

    /** What was connected to somebody who died is connected anew; objects that hold a connection go on with it. */
    private function letGo(): void
    {
        $this->app->make(DatabaseManager::class)->disconnect();
        if ($this->app->resolved('redis')) {
            $stores = $this->app->make(RedisManager::class);
            foreach (['default', 'cache'] as $name) {
                $stores->purge($name);
            }
        }
    }
}
