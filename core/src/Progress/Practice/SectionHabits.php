<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Practice;

use Pasada\Core\Scoring\Said;

/** Which sections a student walks out of their turn again and again, and where the time goes. */
final readonly class SectionHabits
{
    /** Once is chance. */
    private const LEAST_WALKS = 2;

    /** A section takes long where an item of it takes so many times what one takes elsewhere. */
    private const LONG = 1.6;

    /** Less than this a walk is nothing to win, in milliseconds. */
    private const LEAST_MS = 60_000;

    /**
     * @param  list<list<WalkedSection>>  $walks  the latest ones
     * @return list<string> sentences: swapped sections first, then where most time is lost
     */
    public static function of(array $walks): array
    {
        $swapped = $sums = [];
        foreach ($walks as $sections) {
            foreach ($sections as $one) {
                $swapped[$one->name] = ($swapped[$one->name] ?? 0) + (int) $one->isSwapped;
                [$ms, $items, $times] = $sums[$one->name] ?? [0, 0, 0];
                if ($one->ms > 0) {
                    $sums[$one->name] = [$ms + $one->ms, $items + $one->items, $times + 1];
                }
            }
        }

        return [...self::swapped($swapped, count($walks)), ...self::slow($sums)];
    }

    /**
     * @param  array<string, int>  $swapped
     * @return list<string>
     */
    private static function swapped(array $swapped, int $walks): array
    {
        $often = array_filter($swapped, static fn (int $times): bool => $times >= self::LEAST_WALKS);
        arsort($often);
        $said = [];
        foreach ($often as $name => $times) {
            $said[] = sprintf('%s (%d of %d)', $name, $times, $walks);
        }

        return $said === [] ? [] : ['Walked out of turn: '.implode('; ', $said).'.'];
    }

    /**
     * @param  array<string, array{int, int, int}>  $sums  milliseconds, items and walks by section
     * @return list<string>
     */
    private static function slow(array $sums): array
    {
        $allMs = array_sum(array_column($sums, 0));
        $allItems = array_sum(array_column($sums, 1));
        $lost = [];
        foreach ($sums as $name => [$ms, $items, $walks]) {
            [$otherMs, $otherItems] = [$allMs - $ms, $allItems - $items];
            if ($walks < self::LEAST_WALKS || $items === 0 || $otherItems === 0 || $otherMs === 0) {
                continue;
            }
            $usual = $otherMs / $otherItems;
            $more = ($ms - $usual * $items) / $walks;
            if ($ms / $items >= self::LONG * $usual && $more >= self::LEAST_MS) {
                $lost[] = [$more, sprintf(
                    'Time goes to %s: %d s an item, %d s elsewhere, about %s a walk more.', $name,
                    round($ms / $items / 1000), round($usual / 1000), Said::clock(intdiv((int) $more, 1000)),
                )];
            }
        }
        usort($lost, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);

        return array_column($lost, 1);
    }
}
