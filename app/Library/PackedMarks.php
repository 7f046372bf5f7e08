<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\AttemptStatus;
use Closure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use stdClass;

/**
 * Marks of attempts that have been closed for long, compressed into one row each by the database's own COMPRESS(). An
 * attempt's marks are either here or in their table, never in both; MarkStore reads the two alike.
 */
final readonly class PackedMarks
{
    /** All that a row of the table of marks holds; the attempt is that of the packed row. */
    private const COLUMNS = [...MarkRow::COLUMNS, 'user_id', 'received_at', 'amendment_id'];

    private const TABLE = 'packed_marks';

    public function __construct(private ConnectionInterface $database) {}

    /**
     * @return list<stdClass&object{
     *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
     *    undoes: ?string, details: ?string, recorder: string, user_id: int, received_at: string, amendment_id: ?string,
     * }> in order of the walk; none where the attempt is not packed
     */
    public function rows(string $attemptId): array
    {
        $packed = $this->database->table(self::TABLE)->where('attempt_id', $attemptId)
            ->selectRaw('uncompress(marks) as marks')->value('marks');
        $rows = [];
        foreach (is_string($packed) ? (array) json_decode($packed, true, flags: JSON_THROW_ON_ERROR) : [] as $values) {
            /** @var list<int|string|null> $values */
            $rows[] = (object) array_combine(self::COLUMNS, $values);
        }

        /** @var list<stdClass&object{
         *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
         *    undoes: ?string, details: ?string, recorder: string, user_id: int, received_at: string,
         *    amendment_id: ?string,
         * }> $rows */
        return $rows;
    }

    /** What MarkStore::version() said when they were packed; null where they are not. */
    public function version(string $attemptId): ?string
    {
        $version = $this->database->table(self::TABLE)->where('attempt_id', $attemptId)->value('version');

        return is_string($version) ? $version : null;
    }

    /** @return list<string> ids of closed attempts that began before then and are not packed yet */
    public function due(Carbon $before, int $most): array
    {
        $ids = $this->database->table('attempts')->where('packed', false)->where('started_at', '<', $before)
            ->whereIn('status', AttemptStatus::closed())->orderBy('started_at')->limit($most)->pluck('id');

        return array_values(array_filter($ids->all(), is_string(...)));
    }

    /**
     * @param  Closure(): string  $version  as MarkStore::version() tells it, asked once no amendment can come between
     * @return int how many marks were packed
     */
    public function pack(string $attemptId, Closure $version, Carbon $now): int
    {
        $count = $this->database->transaction(function () use ($attemptId, $version, $now): int {
            $status = $this->database->table('attempts')->where('id', $attemptId)->where('packed', false)
                ->lockForUpdate()->value('status');
            if ($status === null || $status === AttemptStatus::UnderWay->value) {
                return 0;
            }
            $rows = $this->marks($attemptId)->orderBy('at_ms')->orderBy('id')->get(self::COLUMNS)
                ->map(static fn (stdClass $row): array => array_values((array) $row))->all();
            $this->database->table('attempts')->where('id', $attemptId)->update(['packed' => true]);
            $this->database->insert(
                'insert into '.self::TABLE.' (attempt_id, count, version, marks, packed_at)
                    values (?, ?, ?, compress(?), ?)',
                [
                    $attemptId, count($rows), $version(),
                    json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), $now->format('Y-m-d H:i:s'),
                ],
            );
            $this->marks($attemptId)->delete();

            return count($rows);
        });

        return is_int($count) ? $count : 0;
    }

    /** Puts them back into their table, for one more amendment; the attempt is packed again another night. */
    public function unpack(string $attemptId): void
    {
        $this->database->transaction(function () use ($attemptId): void {
            $rows = array_map(
                static fn (stdClass $row): array => ['attempt_id' => $attemptId, ...(array) $row],
                $this->rows($attemptId),
            );
            foreach (array_chunk($rows, 500) as $chunk) {
                $this->database->table('marks')->insert($chunk);
            }
            $this->database->table(self::TABLE)->where('attempt_id', $attemptId)->delete();
            $this->database->table('attempts')->where('id', $attemptId)->update(['packed' => false]);
        });
    }

    private function marks(string $attemptId): Builder
    {
        return $this->database->table('marks')->where('attempt_id', $attemptId);
    }
}
