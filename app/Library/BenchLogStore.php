<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Brakes\Events\BenchEntry;
use Pasada\Core\Brakes\Events\BenchEntryReader;
use Pasada\Core\Brakes\Events\BenchLog;

/**
 * The table of what was observed of brake tests, spoken to in lines of the bench's log. Rows are added and never
 * changed.
 */
final readonly class BenchLogStore
{
    public function __construct(private ConnectionInterface $database) {}

    public function read(string $attemptId): BenchLog
    {
        $lines = [];
        $rows = $this->database->table('brake_events')->where('attempt_id', $attemptId)->orderBy('position');
        foreach ($rows->pluck('entry') as $entry) {
            assert(is_string($entry));
            $lines[] = json_decode($entry, true);
        }

        return BenchLog::of(...(new BenchEntryReader)->read(['events' => $lines], static fn (): bool => true));
    }

    /** @param  list<BenchEntry>  $entries  none of which is there yet */
    public function append(
        string $attemptId, array $entries, int $userId, Carbon $receivedAt, ?string $amendmentId = null,
    ): void {
        $first = $this->database->table('brake_events')->where('attempt_id', $attemptId)->count();
        $rows = array_map(
            static fn (BenchEntry $entry, int $n): array => [
                'attempt_id' => $attemptId,
                'id' => $entry->id,
                'position' => $first + $n,
                'entry' => json_encode($entry->write(), JSON_THROW_ON_ERROR),
                'user_id' => $userId,
                'received_at' => $receivedAt->format('Y-m-d H:i:s.v'),
                'amendment_id' => $amendmentId,
            ],
            $entries,
            array_keys($entries),
        );
        foreach (array_chunk($rows, 500) as $chunk) {
            $this->database->table('brake_events')->insert($chunk);
        }
    }
}
