<?php

declare(strict_types=1);

namespace App\Progress;

use Pasada\Core\Progress\Readiness\Drill;
use Pasada\Core\Progress\Readiness\Readiness;
use Pasada\Core\Progress\Readiness\StudentReadiness;

/** How ready a student is, as lists show it, as plain data. */
final readonly class KeptAnswer
{
    /** Changes when what is kept means something else. */
    public const FORMAT = 2;

    /** @return array<string, mixed> */
    public static function write(?StudentReadiness $one, Readiness $readiness): array
    {
        if ($one === null) {
            return ['chance' => null];
        }
        [$low, $high] = $one->forecast->interval();

        return [
            'chance' => $one->forecast->chance(),
            'low' => $low,
            'high' => $high,
            'share' => $one->forecast->share()[0],
            'on' => DayNumber::date($one->on),
            'for_exam' => $one->isForExam,
            'limits' => $one->limits,
            'attempts' => $one->attempts,
            'drills' => array_map(static fn (Drill $drill): array => [
                'item' => $drill->item, 'name' => $readiness->name($drill->item),
                'place' => $readiness->placeOf($drill->item), 'minutes' => $drill->minutes,
                'gain' => $drill->gain,
            ], $one->drills),
        ];
    }
}
