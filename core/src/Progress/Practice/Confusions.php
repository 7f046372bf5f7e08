<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Practice;

use Pasada\Core\Inspection\Inspection;

/** What a student says at one axle and leaves out at another, though it is the same part. */
final readonly class Confusions
{
    /** Fewer attempts than this tell a slip and no habit. */
    private const LEAST_ATTEMPTS = 3;

    /** Of the latest attempts only: what was put right is no confusion any more. */
    private const LATEST = 5;

    private const OFTEN = 0.7;

    private const SELDOM = 0.4;

    private const MOST_TOLD = 6;

    /**
     * @param  list<array<string, int>>  $earned  thousandths by item id in each attempt, oldest first
     * @return list<string> sentences, what is farthest apart first
     */
    public static function of(Inspection $inspection, array $earned): array
    {
        $byComponent = [];
        $latest = array_slice($earned, -self::LATEST);
        foreach ($inspection->items as $id => $item) {
            $seen = array_values(array_filter(
                array_map(static fn (array $one): ?int => $one[$id] ?? null, $latest),
                static fn (?int $one): bool => $one !== null,
            ));
            if (count($seen) >= self::LEAST_ATTEMPTS) {
                $whole = count(array_filter($seen, static fn (int $one): bool => $one >= 1000));
                $byComponent[$item->component][$id] = [$whole / count($seen), $whole, count($seen)];
            }
        }
        $told = [];
        foreach ($byComponent as $shares) {
            uasort($shares, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
            $best = array_key_first($shares);
            $worst = array_key_last($shares);
            if ($shares[$best][0] < self::OFTEN || $shares[$worst][0] > self::SELDOM) {
                continue;
            }
            [$known, $missed] = [$inspection->items[$best], $inspection->items[$worst]];
            $told[] = [$shares[$best][0] - $shares[$worst][0], sprintf(
                '%s: said at the %s (%d of %d), left out at the %s (%d of %d).', $known->name,
                $known->position->label(), $shares[$best][1], $shares[$best][2], $missed->position->label(),
                $shares[$worst][2] - $shares[$worst][1], $shares[$worst][2],
            )];
        }
        usort($told, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);

        return array_slice(array_column($told, 1), 0, self::MOST_TOLD);
    }
}
