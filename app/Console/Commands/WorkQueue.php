<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Events\Dispatcher as Events;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Queue\Events\JobProcessing;

/**
 * The one worker of a queue on this server: what an earlier one of it was at when it died is taken up again at once.
 * What a server was at that does not come back is taken up by another after the time that the queue's connection names.
 */
final class WorkQueue extends Command
{
    /** Of one job: three hours of sound on a busy core. */
    private const LONGEST_SECONDS = 4000;

    /** It is started anew after that, by whoever watches it. */
    private const LIVES_SECONDS = 3600;

    /** Making a language model takes 300 of them; it is started anew when it has kept more. */
    private const MOST_MEGABYTES = 512;

    protected $signature = 'pasada:work {queue : live, for what is being said, or default} '.
        '{--until-empty : end when nothing waits}';

    protected $description = 'Hear what waits to be heard';

    public function handle(
        ConnectionInterface $database, Cache $cache, Events $events, Repository $settings,
    ): int {
        $queue = $this->argument('queue');
        if ($queue !== 'live' && $queue !== 'default') {
            $this->components->error('There is no such queue; say live or default.');

            return self::INVALID;
        }
        $server = $settings->get('pasada.server');
        $note = sprintf('at work:%s:%s', $queue, is_string($server) ? $server : '');
        $database->table('jobs')->where('queue', $queue)->where('id', $cache->get($note))
            ->update(['reserved_at' => null]);
        $events->listen(JobProcessing::class, static function (JobProcessing $event) use ($cache, $note): void {
            $cache->forever($note, $event->job->getJobId());
        });

        return $this->call('queue:work', [
            'connection' => $this->connection($settings, $queue), '--queue' => $queue, '--sleep' => 0.3,
            '--timeout' => self::LONGEST_SECONDS,
            '--max-time' => self::LIVES_SECONDS, '--memory' => self::MOST_MEGABYTES,
            '--stop-when-empty' => $this->option('until-empty') === true,
        ]);
    }

    /** Where jobs are in the database, what is being said is taken up sooner by another server. */
    private function connection(Repository $settings, string $queue): string
    {
        $default = $settings->get('queue.default');
        $default = is_string($default) ? $default : 'database';

        return $default === 'database' && $queue === 'live' ? 'live' : $default;
    }
}
