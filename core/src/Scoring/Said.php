<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** Shares and times as people read them. */
final readonly class Said
{
    /** Thousandths as "93.5%". */
    public static function percent(int $permille): string
    {
        return sprintf('%d.%d%%', intdiv($permille, 10), $permille % 10);
    }

    /** Seconds as "4:05". */
    public static function clock(int $seconds): string
    {
        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }
}
