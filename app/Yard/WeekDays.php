<?php

declare(strict_types=1);

namespace App\Yard;

use Illuminate\Support\Carbon;

/** The slots of a week: the yard's hours from Monday to Friday. */
final readonly class WeekDays
{
    public const MINUTES = 60;

    private const DAYS = 5;

    /** Usual hours of a yard, with the hour at noon left out. */
    private const HOURS = ['08:00', '09:00', '10:00', '11:00', '13:00', '14:00', '15:00'];

    /** @return string the Monday of the week of a day, as year-month-day */
    public static function monday(Carbon $day): string
    {
        return $day->copy()->startOfWeek(Carbon::MONDAY)->toDateString();
    }

    /** @return list<string> ids of the slots, which are when they begin: 2026-12-01T08:00 */
    public static function slots(string $monday): array
    {
        $slots = [];
        for ($n = 0; $n < self::DAYS; $n++) {
            foreach (self::HOURS as $hour) {
                $slots[] = Carbon::parse($monday)->addDays($n)->toDateString().'T'.$hour;
            }
        }

        return $slots;
    }
}
