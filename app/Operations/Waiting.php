<?php

declare(strict_types=1);

namespace App\Operations;

use Illuminate\Contracts\Queue\Factory as Queues;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\RedisQueue;
use Illuminate\Support\Carbon;

/** What waits to be worked on. */
final readonly class Waiting
{
    /** What is being said just now; and whole walks, printed classes, fits. */
    public const QUEUES = ['live', 'default'];

    public function __construct(private Queues $queues) {}

    public function jobs(string $queue): int
    {
        return $this->asked()?->pendingSize($queue) ?? 0;
    }

    /** Seconds since the one was put in that has waited longest; 0 where none waits. */
    public function oldestSeconds(string $queue): int
    {
        $since = $this->asked()?->creationTimeOfOldestPendingJob($queue);

        return is_numeric($since) ? max(0, Carbon::now()->getTimestamp() - $since) : 0;
    }

    /** Null where work is done at once, as in tests. */
    private function asked(): DatabaseQueue|RedisQueue|null
    {
        $queue = $this->queues->connection();

        return $queue instanceof DatabaseQueue || $queue instanceof RedisQueue ? $queue : null;
    }
}
