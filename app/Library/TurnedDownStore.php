<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\Recording;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Which proposals of captions were turned down or brought back. Rows are added and never changed. */
final readonly class TurnedDownStore
{
    public function __construct(private ConnectionInterface $database) {}

    /** @return array<string, true> keys of the proposals that are turned down */
    public function keys(Recording $recording): array
    {
        $down = [];
        foreach (
            $this->database
                ->table('turned_down')
                ->where('recording_id', $recording->id)
                ->orderBy('position')
                ->pluck('down', 'key') as $key => $isDown
        ) {
            $down[(string) $key] = (bool) $isDown;
        }

        return array_map(static fn (): true => true, array_filter($down));
    }

    /**
     * @param  list<array{id: string, key: string, down: bool}>  $lines
     * @return list<array{id: string, key: string, down: bool}> those that are not there yet
     */
    public function unknown(string $attemptId, array $lines): array
    {
        $known = $this->database
            ->table('turned_down')
            ->where('attempt_id', $attemptId)
            ->whereIn('id', array_column($lines, 'id'))
            ->pluck('id')
            ->all();

        $isNew = static fn (array $line): bool => ! in_array($line['id'], $known, true);

        return array_values(array_filter($lines, $isNew));
    }

    /** @param  list<array{id: string, key: string, down: bool}>  $lines */
    public function append(Recording $recording, array $lines, int $userId, Carbon $receivedAt): void
    {
        $first = $this->database->table('turned_down')->where('attempt_id', $recording->attempt_id)->count();
        foreach ($lines as $n => $line) {
            $this->database->table('turned_down')->insert([
                'attempt_id' => $recording->attempt_id,
                'position' => $first + $n,
                'recording_id' => $recording->id,
                'user_id' => $userId,
                'received_at' => $receivedAt->format('Y-m-d H:i:s.v'),
                ...$line,
            ]);
        }
    }
}
