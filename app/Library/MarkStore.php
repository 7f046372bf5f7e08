<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Database\ConnectionInterface;
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
    public function __construct(private ConnectionInterface $database, private PackedMarks $packed) {}

    /**
     * @param  bool  $amended  with the marks of amendments; without them, the record as it was closed
     * @return array{MarkList, array<string, int>} the marks in order, and the time of each recorder's last one in ms
     */
    public function read(string $attemptId, bool $amended = true): array
    {
        $marks = [];
        $clocks = [];
        foreach ($this->rows($attemptId) as $row) {
            if ($amended || $row->amendment_id === null) {
                $marks[] = MarkRow::read($row);
                $clocks[$row->recorder] = $row->at_ms;
            }
        }

        return [MarkList::of(...$marks), $clocks];
    }

    /** @return array<string, list<Mark>> the marks of amendments, by the amendment's id */
    public function byAmendment(string $attemptId): array
    {
        $marks = [];
        foreach ($this->rows($attemptId) as $row) {
            if ($row->amendment_id !== null) {
                $marks[$row->amendment_id][] = MarkRow::read($row);
            }
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
        $packed = $row->marks === 0 ? $this->packed->version($attemptId) : null;

        return $packed ?? $row->marks.'-'.preg_replace('/\D/', '', (string) $row->last);
    }

    /**
     * @return list<array{mark: Mark, by: string, recorder: string, received_at: string, amendment_id: ?string}>
     *   everything ever marked, in order of the walk
     */
    public function history(string $attemptId): array
    {
        $rows = $this->rows($attemptId, ['user_id', 'received_at']);
        $names = $this->database->table('users')->whereIn('id', array_column($rows, 'user_id'))
            ->pluck('name', 'id');
        $history = [];
        foreach ($rows as $row) {
            $by = $names->get($row->user_id ?? 0);
            $history[] = [
                'mark' => MarkRow::read($row),
                'by' => is_string($by) ? $by : '',
                'recorder' => $row->recorder,
                'received_at' => $row->received_at ?? '',
                'amendment_id' => $row->amendment_id,
            ];
        }

        return $history;
    }

    /** Moves the marks of closed attempts from before then into one row each. @return int how many attempts */
    public function packOld(Carbon $before, int $most, Carbon $now): int
    {
        $due = $this->packed->due($before, $most);
        foreach ($due as $id) {
            $this->packed->pack($id, fn (): string => $this->version($id), $now);
        }

        return count($due);
    }

    /**
     * In order of the walk, from wherever they lie: a scored walk is read on every batch, an old one is packed.
     *
     * @param  list<string>  $more  columns besides those of a mark
     * @return list<stdClass&object{
     *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
     *    undoes: ?string, details: ?string, recorder: string, amendment_id: ?string, user_id?: int,
     *    received_at?: string,
     * }>
     */
    private function rows(string $attemptId, array $more = []): array
    {
        $rows = $this->own($attemptId, $more);
        if ($rows === []) {
            $rows = $this->packed->rows($attemptId);
        }
        // An amendment that unpacks them just between the two questions leaves nothing to either.
        if ($rows === []) {
            $rows = $this->own($attemptId, $more);
        }

        /** @var list<stdClass&object{
         *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
         *    undoes: ?string, details: ?string, recorder: string, amendment_id: ?string, user_id?: int,
         *    received_at?: string,
         * }> */
        return array_values($rows);
    }

    /**
     * @param  list<string>  $more
     * @return array<int, stdClass> those in the table itself
     */
    private function own(string $attemptId, array $more): array
    {
        return $this->database->table('marks')->where('attempt_id', $attemptId)->orderBy('at_ms')->orderBy('id')
            ->get([...MarkRow::COLUMNS, 'amendment_id', ...$more])->all();
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
        // Only an amendment comes to a record that has been closed for long.
        if ($amendmentId !== null) {
            $this->packed->unpack($attemptId);
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            $this->database->table('marks')->insert($chunk);
        }
    }
}
