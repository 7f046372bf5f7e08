<?php

declare(strict_types=1);

namespace App\Http\Views\Walk;

use App\Http\Resources\Walk\UsualHalfResource;
use App\Models\Attempt;
use App\Models\ItemOutcomeRow;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Progress\UsualHalves;
use Pasada\Core\Scoring\ItemStatus;
use stdClass;

/** What this school's latest walks said of a part when they said only half of it. */
final readonly class ReadUsualHalves
{
    /** Enough to tell a habit from chance, few enough to read in a moment. */
    private const LATEST = 40;

    /** As many as the points panel shows without a second row. */
    private const MOST = 4;

    /** @return list<UsualHalfResource> */
    public function handle(int $schoolId, Inspection $inspection): array
    {
        $usual = new UsualHalves($this->heard($schoolId));
        $codes = static fn (PointSet $set): array => array_map(
            static fn (Point $point): string => $point->value,
            $set->points(),
        );

        return array_map(static fn (Item $item): UsualHalfResource => new UsualHalfResource(
            $item->id,
            array_map($codes, $usual->likeliest($item, self::MOST)),
        ), array_values($inspection->items));
    }

    /** @return array<string, list<array{PointSet, int}>> by component */
    private function heard(int $schoolId): array
    {
        $latest = Attempt::finished($schoolId)->tap(Attempt::onceAWalk(...))->latest('started_at')->limit(self::LATEST);
        $rows = ItemOutcomeRow::query()->toBase()
            ->whereIn('attempt_id', $latest->pluck('id'))
            ->where('heard', '<>', '')
            ->where('status', '<>', ItemStatus::Carried->value)
            ->groupBy('component', 'heard')
            ->selectRaw("substring_index(item, '@', 1) as component, heard, count(*) as times")
            ->get();
        $heard = [];
        foreach ($rows as $row) {
            /** @var stdClass&object{component: string, heard: string, times: int} $row */
            $points = array_filter(array_map(Point::tryFrom(...), explode(' ', $row->heard)));
            $heard[$row->component][] = [PointSet::of(...$points), $row->times];
        }

        return $heard;
    }
}
