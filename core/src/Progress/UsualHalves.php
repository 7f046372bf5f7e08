<?php

declare(strict_types=1);

namespace Pasada\Core\Progress;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Item;

/**
 * Which points are usually said of a part that is half said, from what was heard in earlier walks: a guess that saves
 * a scorer touches, never a score.
 *
 * How likely a point is said is the share of the component's half-said hearings that had it, held to a share to begin
 * with as if that had been seen four times: essential points are what is taught first and said most. Points are taken
 * as said independently of each other. The guesses depend on nothing of the walk at hand, so that a hand learns them.
 */
final readonly class UsualHalves
{
    private const HELD_BY = 4.0;

    private const ESSENTIAL = 0.85;

    private const FURTHER = 0.3;

    /** More points are too much to guess at: 2 to this power sets are weighed. */
    private const MOST_POINTS = 10;

    /** @param  array<string, list<array{PointSet, int}>>  $heard  by component: points, and how often just these */
    public function __construct(private array $heard) {}

    /**
     * Never all of the points, which is not half; none of them is a part that was only named.
     *
     * @return list<PointSet> the likeliest first, at most as many as wanted
     */
    public function likeliest(Item $item, int $most): array
    {
        $points = $item->points->points();
        if (count($points) > self::MOST_POINTS) {
            return [];
        }
        $heard = array_values(array_filter(
            $this->heard[$item->component] ?? [],
            static fn (array $one): bool => ! $one[0]->includes($item->points),
        ));
        $sets = [[PointSet::none(), 1.0]];
        foreach ($points as $point) {
            $share = self::share($item, $point, $heard);
            $longer = [];
            foreach ($sets as [$set, $likely]) {
                $longer[] = [$set->with(PointSet::of($point)), $likely * $share];
                $longer[] = [$set, $likely * (1.0 - $share)];
            }
            $sets = $longer;
        }
        $halves = array_filter($sets, static fn (array $one): bool => ! $one[0]->includes($item->points));
        usort($halves, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return array_column(array_slice($halves, 0, $most), 0);
    }

    /** @param  list<array{PointSet, int}>  $heard */
    private static function share(Item $item, Point $point, array $heard): float
    {
        $had = 0;
        $of = 0;
        foreach ($heard as [$set, $times]) {
            $had += $set->has($point) ? $times : 0;
            $of += $times;
        }
        $begun = $item->essential->has($point) ? self::ESSENTIAL : self::FURTHER;

        return ($had + self::HELD_BY * $begun) / ($of + self::HELD_BY);
    }
}
