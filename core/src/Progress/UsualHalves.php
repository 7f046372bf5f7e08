<?php

declare(strict_types=1);

namespace Pasada\Core\Progress;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/**
 * Which points are usually said of a part that is half said, from what was heard in earlier walks: a guess that saves
 * a scorer touches, never a score.
 *
 * How likely a point is said of a component is the share of the hearings that had it, held to its share over all
 * components as if that had been seen twice more. Points are taken as said independently of each other. Where nothing
 * was heard yet, essential points count as said three times in four and further ones every other time: they are taught
 * in this order.
 */
final readonly class UsualHalves
{
    private const HELD_BY = 2.0;

    private const ESSENTIAL = 0.75;

    private const FURTHER = 0.5;

    /** More points are too much to guess at: 2 to this power sets are weighed. */
    private const MOST_POINTS = 10;

    /**
     * @param  array<string, list<array{PointSet, int}>>  $heard  by component: points, and how often just these
     * @param  array<string, float>  $shares  over all components, by point
     */
    private function __construct(private array $heard, private array $shares) {}

    /** @param  array<string, list<array{PointSet, int}>>  $heard  by component: points, and how often just these */
    public static function of(Inspection $inspection, array $heard): self
    {
        $said = [];
        $asked = [];
        $begun = [];
        foreach (array_column($inspection->items, null, 'component') as $item) {
            foreach ($item->points->points() as $point) {
                [$had, $of] = self::counted($heard[$item->component] ?? [], $point);
                $said[$point->value] = ($said[$point->value] ?? 0) + $had;
                $asked[$point->value] = ($asked[$point->value] ?? 0) + $of;
                $begun[$point->value] ??= $item->essential->has($point) ? self::ESSENTIAL : self::FURTHER;
            }
        }
        $shares = [];
        foreach ($asked as $point => $of) {
            $shares[$point] = self::held($said[$point], $of, $begun[$point]);
        }

        return new self($heard, $shares);
    }

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
        $sets = [[PointSet::none(), 1.0]];
        foreach ($points as $point) {
            [$had, $of] = self::counted($this->heard[$item->component] ?? [], $point);
            $share = self::held($had, $of, $this->shares[$point->value]);
            $longer = [];
            foreach ($sets as [$set, $likely]) {
                $longer[] = [$set->with(PointSet::of($point)), $likely * $share];
                $longer[] = [$set, $likely * (1.0 - $share)];
            }
            $sets = $longer;
        }
        $halves = array_filter($sets, static fn (array $one): bool => !$one[0]->includes($item->points));
        usort($halves, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return array_column(array_slice($halves, 0, $most), 0);
    }

    /**
     * @param  list<array{PointSet, int}>  $heard
     * @return array{int, int} how often the point was heard, of how many hearings
     */
    private static function counted(array $heard, Point $point): array
    {
        $had = 0;
        $of = 0;
        foreach ($heard as [$set, $times]) {
            $had += $set->has($point) ? $times : 0;
            $of += $times;
        }

        return [$had, $of];
    }

    private static function held(int $had, int $of, float $share): float
    {
        return ($had + self::HELD_BY * $share) / ($of + self::HELD_BY);
    }
}
