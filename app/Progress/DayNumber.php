<?php

declare(strict_types=1);

namespace App\Progress;

use Illuminate\Support\Carbon;

/** Days since 1970 with their fraction, as the core counts them. */
final readonly class DayNumber
{
    private const SECONDS_OF_DAY = 86_400;

    public static function of(Carbon $at): float
    {
        return $at->getTimestamp() / self::SECONDS_OF_DAY;
    }

    /** @return string year-month-day */
    public static function date(float $day): string
    {
        return gmdate('Y-m-d', (int) ($day * self::SECONDS_OF_DAY));
    }
}
