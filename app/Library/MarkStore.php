<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\StoredMark;
use Illuminate\Support\Carbon;
use Pasada\Core\Attempt\Mark;
use Pasada\Core\Attempt\MarkKind;
use Pasada\Core\Attempt\MarkList;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use stdClass;

/**
 * The table of marks, spoken to in marks.
 *
 * Plain rows instead of models: an attempt has hundreds of marks and they are read on every batch.
 */
final readonly class MarkStore
{
    private const COLUMNS = ['id', 'at_ms', 'kind', 'item', 'points', 'place', 'text', 'undoes', 'recorder'];

    /** @return array{MarkList, array<string, int>} the marks in order, and the time of each recorder's last one in ms */
    public function read(string $attemptId): array
    {
        $marks = [];
        $clocks = [];
        /** @var stdClass&object{id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string, undoes: ?string, recorder: string} $row */
        foreach (StoredMark::query()->toBase()->where('attempt_id', $attemptId)->orderBy('at_ms')->orderBy('id')->get(self::COLUMNS) as $row) {
            $marks[] = $this->mark($row);
            $clocks[$row->recorder] = $row->at_ms;
        }

        return [MarkList::of(...$marks), $clocks];
    }

    /** @param  list<Mark>  $marks */
    public function append(string $attemptId, array $marks, string $recorder, int $userId, Carbon $receivedAt): void
    {
        $rows = array_map(static fn (Mark $mark): array => [
            'attempt_id' => $attemptId,
            'id' => $mark->id,
            'at_ms' => $mark->atMs,
            'kind' => $mark->kind->value,
            'item' => $mark->item,
            'points' => $mark->points->isEmpty() ? null : implode(' ', array_map(static fn (Point $point): string => $point->value, $mark->points->points())),
            'place' => $mark->place,
            'text' => $mark->text,
            'undoes' => $mark->undoes,
            'recorder' => $recorder,
            'user_id' => $userId,
            'received_at' => $receivedAt->format('Y-m-d H:i:s.v'),
        ], $marks);
        foreach (array_chunk($rows, 500) as $chunk) {
            StoredMark::query()->insert($chunk);
        }
    }

    /** @param  stdClass&object{id: string, at_ms: int, kind: string, item: ?string, points: ?string, place: ?string, text: ?string, undoes: ?string}  $row */
    private function mark(stdClass $row): Mark
    {
        $item = $row->item ?? '';

        return match (MarkKind::from($row->kind)) {
            MarkKind::HeardWhole => Mark::heardWhole($row->id, $row->at_ms, $item),
            MarkKind::PointsHeard => Mark::pointsHeard($row->id, $row->at_ms, $item, $this->points($row->points)),
            MarkKind::PointsTakenBack => Mark::pointsTakenBack($row->id, $row->at_ms, $item, $this->points($row->points)),
            MarkKind::PlaceEntered => Mark::placeEntered($row->id, $row->at_ms, $row->place ?? ''),
            MarkKind::PlaceClosed => Mark::placeClosed($row->id, $row->at_ms, $row->place ?? ''),
            MarkKind::NotFitted => Mark::notFitted($row->id, $row->at_ms, $item),
            MarkKind::Note => Mark::note($row->id, $row->at_ms, $row->text ?? '', $row->item),
            MarkKind::Undo => Mark::undo($row->id, $row->at_ms, $row->undoes ?? ''),
            MarkKind::Finished => Mark::finished($row->id, $row->at_ms),
        };
    }

    private function points(?string $codes): PointSet
    {
        return $codes === null ? PointSet::none() : PointSet::of(...array_map(Point::from(...), explode(' ', $codes)));
    }
}
