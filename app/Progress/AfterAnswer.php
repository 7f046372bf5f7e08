<?php

declare(strict_types=1);

namespace App\Progress;

use Closure;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\Cache;

/**
 * Long sums that nobody waits for, worked out by the same worker once its answer was sent: one at a time on a server,
 * or a day on which many schools change would leave no worker to answer. What finds it busy is asked for again by the
 * next request that needs it.
 */
final readonly class AfterAnswer
{
    /** A school of two hundred students is fitted in 47 s; one that died meanwhile is not waited for much longer. */
    private const LONGEST_SECONDS = 600;

    public function __construct(private Application $app, private string $server) {}

    /** @param  Closure(): mixed  $work */
    public function do(Closure $work): void
    {
        $this->app->terminating(function () use ($work): void {
            $turn = Cache::lock(self::turnOf($this->server), self::LONGEST_SECONDS);
            if ($turn->get() === true) {
                try {
                    // The limit of a request is for those who wait.
                    set_time_limit(0);
                    $work();
                } finally {
                    $turn->release();
                }
            }
        });
    }

    /** Name of the lock that is held meanwhile. */
    public static function turnOf(string $server): string
    {
        return 'after the answer:'.$server;
    }
}
