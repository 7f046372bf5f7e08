<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use stdClass;

/**
 * The table of marks, spoken to in marks.
 *
 * Plain rows instead of models: an attempt has hundreds of marks and they are read on every batch.
 */
final readonly class MarkStore
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param  bool  $amended  with the marks of amendments; without them, the record as it was closed
     * @return array{MarkList, array<string, int>} the marks in order, and the time of each recorder's last one in ms
     */
    public function read(string $attemptId, bool $amended = true): array
    {
        $marks = [];
        $clocks = [];
        /**
         * @var stdClass&object{
         *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
         *    undoes: ?string, details: ?string, recorder: string,
         * } $row
         */
        foreach (
            $this->database
                ->table('marks')
                ->where('attempt_id', $attemptId)
                ->when(! $amended, static fn (Builder $query) => $query->whereNull('amendment_id'))
                ->orderBy('at_ms')
                ->orderBy('id')
                ->get(MarkRow::COLUMNS) as $row
        ) {
            $marks[] = MarkRow::read($row);
            $clocks[$row->recorder] = $row->at_ms;
        }

        return [MarkList::of(...$marks), $clocks];
    }

    /** @return array<string, list<Mark>> the marks of amendments, by the amendment's id */
    public function byAmendment(string $attemptId): array
    {
        $marks = [];
        /**
         * @var stdClass&object{
         *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
         *    undoes: ?string, details: ?string, amendment_id: string,
         * } $row
         */
        foreach (
            $this->database
                ->table('marks')
                ->where('attempt_id', $attemptId)
                ->whereNotNull('amendment_id')
                ->orderBy('at_ms')
                ->orderBy('id')
                ->get([...MarkRow::COLUMNS, 'amendment_id']) as $row
        ) {
            $marks[$row->amendment_id][] = MarkRow::read($row);
        }

        return $marks;
    }

    /** Changes whenever a mark comes in; tells a page that asks again and again whether there is anything new. */
    public function version(string $attemptId): string
    {
        /** @var stdClass&object{marks: int, last: ?string} $row */
        $row = $this->database
            ->table('marks')
            ->where('attempt_id', $attemptId)
            ->selectRaw('count(*) as marks, max(received_at) as last')
            ->first();

        return $row->marks.'-'.preg_replace('/\D/', '', (string) $row->last);
    }

    /**
     * @return list<array{mark: Mark, by: string, recorder: string, received_at: string, amendment_id: ?string}>
     *   everything ever marked, in order of the walk
     */
    public function history(string $attemptId): array
    {
        $rows = $this->database
            ->table('marks')
            ->join('users', 'users.id', '=', 'marks.user_id')
            ->where('attempt_id', $attemptId)
            ->orderBy('at_ms')
            ->orderBy('marks.id')
            ->get([
                ...array_map(static fn (string $column): string => 'marks.'.$column, MarkRow::COLUMNS),
                'users.name as by',
                'received_at',
                'amendment_id',
            ]);
        $history = [];
        /**
         * @var stdClass&object{
         *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
         *    undoes: ?string, details: ?string, recorder: string, by: string, received_at: string,
         *    amendment_id: ?string,
         * } $row
         */
        foreach ($rows as $row) {
            $history[] = [
                'mark' => MarkRow::read($row),
                'by' => $row->by,
                'recorder' => $row->recorder,
                'received_at' => $row->received_at,
                'amendment_id' => $row->amendment_id,
            ];
        }

        return $history;
    }

    /** @param  list<Mark>  $marks */
    public function append(
        string $attemptId, array $marks, string $recorder, int $userId, Carbon $receivedAt, ?string $amendmentId = null,
    ): void {
        $rows = array_map(
            static fn (Mark $mark): array => [
                'attempt_id' => $attemptId,
                'id' => $mark->id,
                'at_ms' => $mark->atMs,
                'kind' => $mark->kind->value,
                ...MarkRow::write($mark),
                'recorder' => $recorder,
                'user_id' => $userId,
                'received_at' => $receivedAt->format('Y-m-d H:i:s.v'),
                'amendment_id' => $amendmentId,
            ],
            $marks,
        );
        foreach (array_chunk($rows, 500) as $chunk) {
            $this->database->table('marks')->insert($chunk);
        }
    }
}
