<?php

declare(strict_types=1);

namespace Pasada\Bench;

/** Medians of repeated runs, in milliseconds. */
final readonly class Timing
{
    /** @param  callable(): mixed  $work */
    public static function median(int $runs, callable $work): float
    {
        // The first runs fill caches that a server has filled.
        for ($warm = 0; $warm < 3; $warm++) {
            $work();
        }
        $times = [];
        for ($run = 0; $run < $runs; $run++) {
            $start = hrtime(true);
            $work();
            $times[] = (hrtime(true) - $start) / 1e6;
        }

        return self::middle($times);
    }

    /** @param  list<float>  $values */
    public static function middle(array $values, float $share = 0.5): float
    {
        sort($values);

        return $values[(int) floor((count($values) - 1) * $share)] ?? 0.0;
    }

    public static function say(string $what, string $figure, string $wanted = ''): void
    {
        fwrite(STDOUT, sprintf("  %-58s %14s   %s\n", $what, $figure, $wanted));
    }
}
