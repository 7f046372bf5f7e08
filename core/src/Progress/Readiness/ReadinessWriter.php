<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Progress\Model\Plan;

/** Writes what is to be expected of students, for programs and for people. */
final readonly class ReadinessWriter
{
    /** Said in place of a bare figure from nothing. */
    public const NOTHING_KNOWN =
        'Nothing was scored yet of what this checklist asks. One attempt is enough to begin with.';

    private const DIGITS = 4;

    private const DRILLS_TOLD = 5;

    /** @return array<string, mixed> as schemas/readiness.schema.json describes a student */
    public static function write(StudentReadiness $one, Plan $plan): array
    {
        $round = static fn (float $value): float => round($value, self::DIGITS);
        [$low, $high] = $one->forecast->interval();
        [$median, $shareLow, $shareHigh] = $one->forecast->share();
        $byForm = array_map($round, array_diff_key($one->forecast->byForm(), ['' => 0.0]));
        $items = [];
        foreach ($plan->ids as $i => $id) {
            [$chance, $itemLow, $itemHigh] = $one->forecast->item($i);
            $items[] = [
                'item' => $id, 'chance' => $round($chance), 'low' => $round($itemLow), 'high' => $round($itemHigh),
            ];
        }

        return [
            'id' => $one->student->id,
            'chance' => $round($one->forecast->chance()),
            'low' => $round($low),
            'high' => $round($high),
            'by_form' => (object) $byForm,
            'share' => ['median' => $round($median), 'low' => $round($shareLow), 'high' => $round($shareHigh)],
            'for_exam' => $one->isForExam,
            'attempts' => $one->attempts,
            'limits' => $one->limits,
            'items' => $items,
            'drill' => array_map(static fn (Drill $drill): array => [
                'item' => $drill->item, 'minutes' => $drill->minutes, 'gain' => $round($drill->gain),
            ], $one->drills),
        ];
    }

    /** @return array<string, mixed> of a student of whom nothing is known: why, and never a bare figure */
    public static function nothingKnown(string $id): array
    {
        return ['id' => $id, 'chance' => null, 'limits' => self::NOTHING_KNOWN];
    }

    /** "s01: 71% (58 to 82) ..." */
    public static function text(StudentReadiness $one): string
    {
        [$low, $high] = $one->forecast->interval();
        $percent = static fn (float $value): int => (int) round(100 * $value);
        $drills = array_map(
            static fn (Drill $drill): string => sprintf('%s (+%.1f)', $drill->item, 100 * $drill->gain),
            array_slice($one->drills, 0, self::DRILLS_TOLD),
        );

        return sprintf(
            "%s: %d%% (%d to %d) %s, after %d attempt%s\n  %s\n  Practice: %s\n", $one->student->id,
            $percent($one->forecast->chance()), $percent($low), $percent($high),
            $one->isForExam ? 'on the day of the exam' : 'a week after the last attempt, since no exam is ahead',
            $one->attempts, $one->attempts === 1 ? '' : 's', $one->limits, implode(', ', $drills),
        );
    }
}
