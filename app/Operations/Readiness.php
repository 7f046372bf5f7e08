<?php

declare(strict_types=1);

namespace App\Operations;

use Closure;
use Illuminate\Contracts\Cache\Factory as Cache;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Log;
use Throwable;

/** Whether this server should be sent requests, and what somebody should look at. */
final readonly class Readiness
{
    /** What servers may differ by; signed links, codes and the order of the trail bear that. */
    private const CLOCK_SECONDS = 2;

    /** A walk of an hour waits that long on one worker; longer says that none works. */
    private const OLDEST_JOB_SECONDS = 1800;

    /** For how long it is told that the store was emptied. */
    private const EMPTIED_HOURS = 1;

    private const LOGGED_AGAIN_SECONDS = 60;

    public function __construct(
        private Application $app, private ConnectionInterface $database, private Cache $cache,
        private Repository $settings, private Waiting $waiting, private NodesInStep $nodes,
        private Room $room,
    ) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $checks = [
            self::tried('database', 'The database does not answer', $this->database(...)),
            self::tried('tables', 'The tables cannot be read', $this->tables(...)),
            self::tried('clock', 'The clock of the database cannot be read', $this->clock(...)),
            self::tried('store', 'The store of limits and caches does not answer', $this->store(...)),
            self::tried('queue', 'The queue does not answer', $this->queue(...)),
            self::tried('disk', 'The disk cannot be looked at', $this->disk(...)),
        ];
        foreach ($checks as $check) {
            $key = "said:$check->name:{$check->state->value}";
            $machine = $this->cache->store('machine');
            if ($check->state !== CheckState::Ok && $machine->get($key) === null) {
                $machine->put($key, true, self::LOGGED_AGAIN_SECONDS);
                Log::log($check->state === CheckState::Failed ? 'error' : 'warning', "Not ready: $check->name.", [
                    'state' => $check->state->value, 'says' => $check->says,
                ]);
            }
        }

        return $checks;
    }

    /** @param  Closure(): Check  $look */
    private static function tried(string $name, string $otherwise, Closure $look): Check
    {
        try {
            return $look();
        } catch (Throwable $why) {
            // What a driver says may hold an address or a value; its class and number tell enough.
            return Check::failed($name, sprintf('%s (%s %s).', $otherwise, $why::class, $why->getCode()));
        }
    }

    private function database(): Check
    {
        $this->database->select('select 1');
        $wanted = $this->nodes->wanted();
        if ($wanted === 0) {
            return Check::ok('database');
        }
        $there = $this->nodes->there();

        return $there >= $wanted ? Check::ok('database', "$there nodes are in step.") : Check::warning(
            'database', "$there of $wanted nodes are in step. Nothing is lost; start the one that is missing and ".
            'watch it come into step.',
        );
    }

    private function tables(): Check
    {
        $migrator = $this->app->make('migrator');
        assert($migrator instanceof Migrator);
        $here = array_keys($migrator->getMigrationFiles($this->app->databasePath('migrations')));
        $ran = $migrator->getRepository()->getRan();
        $missing = array_diff($here, $ran);
        $newer = array_diff($ran, $here);

        return match (true) {
            $missing !== [] => Check::failed('tables', sprintf(
                '%d steps of the tables are missing, the first is %s. Run php artisan migrate --force on one server; '.
                    'where a step failed half-way, read its error in that command and run it again.',
                count($missing), array_values($missing)[0],
            )),
            $newer !== [] => Check::warning('tables', sprintf(
                'The tables are those of a newer Pasada (%s). This server goes on working; upgrade it next.',
                implode(', ', array_filter($newer, is_string(...))),
            )),
            default => Check::ok('tables'),
        };
    }

    private function clock(): Check
    {
        $from = Carbon::now()->getPreciseTimestamp(3);
        /** @var list<object{now: string}> $row */
        $row = $this->database->select('select unix_timestamp(now(3)) as now');
        $off = ($from / 1000) - (float) $row[0]->now;

        return abs($off) <= self::CLOCK_SECONDS ? Check::ok('clock') : Check::warning('clock', sprintf(
            'This server\'s clock is %.0f s %s that of the database; %d s are borne. Set it by a time server (chrony).',
            abs($off), $off > 0 ? 'ahead of' : 'behind', self::CLOCK_SECONDS,
        ));
    }

    /** A mark in the store tells whether it is still the one that it was: emptied, everybody has to sign in again. */
    private function store(): Check
    {
        $isReplaced = $this->settings->get('cache.default') === 'shared';
        $store = $this->cache->store($isReplaced ? 'redis' : null);
        try {
            $marked = $store->get('service:store');
        } catch (Throwable $why) {
            return $isReplaced ? Check::warning('store', sprintf(
                'Redis is away (%s). Limits, locks and caches lie in the database meanwhile; start it again.',
                $why::class,
            )) : throw $why;
        }
        $kept = $this->database->table('service_facts')->where('name', 'store')->first(['value', 'since']);
        if ($kept === null || $marked !== $kept->value) {
            $mark = bin2hex(random_bytes(8));
            $now = Carbon::now()->format('Y-m-d H:i:s');
            $store->forever('service:store', $mark);
            $this->database->table('service_facts')->updateOrInsert(['name' => 'store'], [
                'value' => $mark, 'since' => $now,
                'emptied_at' => $kept === null ? null : $now,
            ]);
        }
        $emptied = $this->database->table('service_facts')->where('name', 'store')->value('emptied_at');
        $ago = is_string($emptied) ? Carbon::parse($emptied)->diffInHours(Carbon::now()) : self::EMPTIED_HOURS;

        return $ago >= self::EMPTIED_HOURS ? Check::ok('store') : Check::warning('store',
            "The store of limits and caches was emptied at $emptied UTC. Limits count anew; where sessions lie in it, ".
            'everybody signs in again. No mark is lost: marks are in the database or still on the device.',
        );
    }

    private function queue(): Check
    {
        $oldest = max(0, ...array_map($this->waiting->oldestSeconds(...), Waiting::QUEUES));

        return $oldest <= self::OLDEST_JOB_SECONDS ? Check::ok('queue') : Check::warning('queue', sprintf(
            'Something waits for %d minutes to be worked on. See whether a worker runs (php artisan pasada:work).',
            intdiv($oldest, 60),
        ));
    }

    private function disk(): Check
    {
        return match (true) {
            ! $this->room->canBeWritten() => Check::failed(
                'disk', 'var/storage cannot be written. Give it back to the account of the servers.',
            ),
            $this->room->isLow() => Check::failed('disk', $this->room->said().' Free some.'),
            default => Check::ok('disk'),
        };
    }
}
