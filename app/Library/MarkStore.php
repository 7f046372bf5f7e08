<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkFields;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\ReferredTo;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;
use stdClass;

/**
 * The table of marks, spoken to in marks.
 *
 * Plain rows instead of models: an attempt has hundreds of marks and they are read on every batch.
 */
final readonly class MarkStore
{
    private const COLUMNS = ['id', 'at_ms', 'kind', 'item', 'points', 'place', 'text', 'undoes', 'details', 'recorder'];

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
                ->get(self::COLUMNS) as $row
        ) {
            $marks[] = $this->mark($row);
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
                ->get([...self::COLUMNS, 'amendment_id']) as $row
        ) {
            $marks[$row->amendment_id][] = $this->mark($row);
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
                ...array_map(static fn (string $column): string => 'marks.'.$column, self::COLUMNS),
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
                'mark' => $this->mark($row),
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
                ...self::columns($mark),
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

    /**
     * @param  stdClass&object{
     *    id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string,
     *    undoes: ?string, details: ?string,
     * }  $row
     */
    private function mark(stdClass $row): Mark
    {
        /**
         * @var array{
         *    side?: string, value?: int, from?: string, except?: list<string>, section?: string, evidence?: string,
         *    said?: string,
         * } $details
         */
        $details = $row->details === null ? [] : json_decode($row->details, true);

        $fields = new MarkFields(
            item: $row->item,
            points: $this->points($row->points),
            place: $row->place,
            text: $row->text,
            undoes: $row->undoes,
            side: isset($details['side']) ? Side::from($details['side']) : null,
            value: $details['value'] ?? null,
            from: isset($details['from']) ? ReferredTo::of($details['from']) : null,
            except: $details['except'] ?? [],
            section: $details['section'] ?? null,
        );
        $said = isset($details['said']) ? SaidWhen::from($details['said']) : null;

        return Mark::of(
            $row->id, $row->at_ms, MarkKind::from($row->kind), $fields, $details['evidence'] ?? null, $said,
        );
    }

    /** @return array<string, string|null> */
    private static function columns(Mark $mark): array
    {
        $of = $mark->payload->fields();
        $codes = array_map(static fn (Point $point): string => $point->value, $of->points->points());
        $details = array_filter(
            [
                'side' => $of->side?->value,
                'value' => $of->value,
                'from' => $of->from?->key(),
                'except' => $of->except === [] ? null : $of->except,
                'section' => $of->section,
                'evidence' => $mark->evidence,
                'said' => $mark->said?->value,
            ],
            static fn (mixed $value): bool => $value !== null,
        );

        return [
            'item' => $of->item,
            'points' => $codes === [] ? null : implode(' ', $codes),
            'place' => $of->place,
            'text' => $of->text,
            'undoes' => $of->undoes,
            'details' => $details === [] ? null : (string) json_encode($details),
        ];
    }

    private function points(?string $codes): PointSet
    {
        return $codes === null ? PointSet::none() : PointSet::of(...array_map(Point::from(...), explode(' ', $codes)));
    }
}
