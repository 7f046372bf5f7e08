<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\Attempt;
use App\Models\User;
use Illuminate\Contracts\Auth\Factory as Auth;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Pasada\Core\Trail\TrailEntry;
use stdClass;

/** The one writer of the audit trail. A line is kept together with what it tells of, or neither is. */
final readonly class Trail
{
    /** The chain of what belongs to no school. */
    public const INSTALLATION = 0;

    /** How a line tells when it was written, UTC. */
    public const TIME = 'Y-m-d\TH:i:s.v\Z';

    private const VIEWED_AGAIN_AFTER_HOURS = 12;

    public function __construct(
        private ConnectionInterface $database, private Auth $auth, private Cache $cache, private Application $app,
    ) {}

    /**
     * @param  int  $chain  id of the school, or INSTALLATION
     * @param  array<string, mixed>|null  $before  what was changed, as it was
     * @param  array<string, mixed>|null  $after
     */
    public function keep(
        int $chain, Did $did, string $kind, string|int $record, ?array $before = null, ?array $after = null,
        ?User $by = null,
    ): void {
        $by ??= $this->auth->guard()->user();
        $who = $by instanceof User ? sprintf('%s (%s)', $by->name, $by->email) : 'nobody signed in';
        if ($this->isCommand()) {
            $who = 'the server';
        }
        $this->database->transaction(function () use ($chain, $did, $kind, $record, $before, $after, $who): void {
            $this->database->table('trail_heads')->insertOrIgnore([
                'chain' => $chain, 'position' => 0, 'digest' => TrailEntry::NOTHING,
            ]);
            /** @var stdClass&object{position: int, digest: string} $head */
            $head = $this->database->table('trail_heads')->where('chain', $chain)->lockForUpdate()->first();
            $entry = TrailEntry::after(
                $head->position, $head->digest, Carbon::now()->utc()->format(self::TIME),
                mb_substr($who, 0, 200), $did->value, $kind, (string) $record, self::json($before), self::json($after),
                $this->isCommand() ? 'command line' : (string) $this->app->make(Request::class)->ip(),
            );
            $this->database->table('trail')->insert([
                'chain' => $chain, 'position' => $entry->position, 'at' => $entry->at, 'who' => $entry->who,
                'did' => $entry->did, 'kind' => $entry->kind, 'record' => $entry->record,
                'before' => $entry->before, 'after' => $entry->after, 'address' => $entry->from,
                'previous' => $entry->previous, 'digest' => $entry->digest,
            ]);
            $this->database->table('trail_heads')->where('chain', $chain)->update([
                'position' => $entry->position, 'digest' => $entry->digest,
            ]);
        });
    }

    /** Somebody read the record of somebody else; told once in half a day, however often it is opened. */
    public function viewed(User $reader, string $kind, string|int $record): void
    {
        $key = "viewed:$reader->id:$kind:$record";
        if ($this->cache->add($key, true, Carbon::now()->addHours(self::VIEWED_AGAIN_AFTER_HOURS))) {
            $this->keep($reader->school_id, Did::Viewed, $kind, $record, by: $reader);
        }
    }

    /** A record left as a file. */
    public function downloaded(Attempt $attempt): void
    {
        $this->keep($attempt->school_id, Did::Downloaded, 'attempt', $attempt->id);
    }

    private function isCommand(): bool
    {
        return $this->app->runningInConsole() && ! $this->app->runningUnitTests();
    }

    /** @param  array<string, mixed>|null  $said */
    private static function json(?array $said): ?string
    {
        return $said === null ? null : json_encode(
            $said, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
