<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Database\ConnectionInterface;

/** The one worker of a queue on this machine: what an earlier one was at when it died is taken up again at once. */
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

    public function handle(ConnectionInterface $database): int
    {
        $queue = $this->argument('queue');
        if ($queue !== 'live' && $queue !== 'default') {
            $this->components->error('There is no such queue; say live or default.');

            return self::INVALID;
        }
        $database->table('jobs')->where('queue', $queue)->update(['reserved_at' => null]);

        return $this->call('queue:work', [
            '--queue' => $queue, '--sleep' => 0.3, '--timeout' => self::LONGEST_SECONDS,
            '--max-time' => self::LIVES_SECONDS, '--memory' => self::MOST_MEGABYTES,
            '--stop-when-empty' => $this->option('until-empty') === true,
        ]);
    }
}
