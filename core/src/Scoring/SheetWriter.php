<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Remark;
use Pasada\Core\Attempt\Visit;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;

/** Writes a score sheet in the open format, `pasada-sheet/1`; docs/formats.md explains the fields. */
final readonly class SheetWriter
{
    public const FORMAT = 'pasada-sheet/1';

    /** @return array<string, mixed> the same for the same sheet, key for key */
    public static function write(ScoreSheet $sheet): array
    {
        $checklist = $sheet->inspection->checklist;

        return [
            'format' => self::FORMAT,
            'engine' => ScoreSheet::ENGINE,
            'checklist' => ['id' => $checklist->id, 'version' => $checklist->version],
            'vehicle' => ['id' => $sheet->inspection->vehicle->id],
            'form' => $sheet->inspection->form?->id,
            'standing' => $sheet->verdict->standing->value,
            'checks' => array_map(
                static fn (PassCheck $check): array => [
                    'met' => $check->met,
                    'reachable' => $check->reachable,
                    'said' => $check->said,
                    'enough' => $check->enough,
                ],
                $sheet->verdict->checks,
            ),
            'unit' => Credit::UNIT,
            'overall' => self::score($sheet->overall),
            'sections' => array_map(
                static fn (SectionScore $section): array => [
                    'id' => $section->id,
                    'name' => $section->name,
                    'time_ms' => $section->timeMs,
                    'time_allowed_seconds' => $section->timeAllowedSeconds,
                    ...self::score($section->score),
                ],
                $sheet->sections,
            ),
            'items' => array_map(self::item(...), array_values($sheet->outcomes)),
            'order' => [
                'named' => $sheet->order->named,
                'out_of_place' => array_map(strval(...), array_keys($sheet->order->outOfPlace)),
                'sections_out_of_place' => $sheet->order->sectionsOutOfPlace,
                'directions' => (object) $sheet->order->directions,
                'tandem' => $sheet->order->tandem?->value,
                'returns' => $sheet->order->returns,
            ],
            'visits' => array_map(
                static fn (Visit $visit): array => [
                    'place' => $visit->place,
                    'from_ms' => $visit->fromMs,
                    'to_ms' => $visit->toMs,
                ],
                $sheet->walk->visits,
            ),
            'notes' => array_map(
                static fn (Remark $remark): array => [
                    'at_ms' => $remark->atMs,
                    'item' => $remark->item,
                    'text' => $remark->text,
                ],
                $sheet->walk->remarks,
            ),
            'look_again' => array_map(
                static fn (Remark $flag): array => [
                    'at_ms' => $flag->atMs,
                    'item' => $flag->item,
                    'text' => $flag->text,
                ],
                $sheet->walk->flags,
            ),
            'remarks' => $sheet->remarks,
            'restarts' => $sheet->walk->restarts,
            'off_list_ms' => $sheet->walk->offListMs,
            'duration_ms' => $sheet->walk->durationMs,
            'finished' => $sheet->walk->finished,
        ];
    }

    /**
     * @return array{
     *    earned: int, possible: int, bonus: int, permille: int, asked: int, whole: int, counts: array<string, int>,
     * }
     */
    private static function score(Score $score): array
    {
        return [
            'earned' => $score->earned,
            'possible' => $score->possible,
            'bonus' => $score->bonus,
            'permille' => $score->permille(),
            'asked' => $score->asked,
            'whole' => $score->whole,
            'counts' => $score->counts,
        ];
    }

    /** @return array<string, mixed> */
    private static function item(ItemOutcome $outcome): array
    {
        return [
            'id' => $outcome->item->id,
            'section' => $outcome->item->section,
            'place' => $outcome->item->place,
            'status' => $outcome->status->value,
            'heard' => self::codes($outcome->heard),
            'late' => self::codes($outcome->late()),
            'missing' => self::codes($outcome->missing()),
            'wrong' => self::codes($outcome->wrong()),
            'figures' => (object) array_map(
                static fn (int $value): float|int => $value / 1000,
                $outcome->hearing->figures ?? [],
            ),
            'earned' => $outcome->earned,
            'possible' => $outcome->possible,
            'bonus' => $outcome->bonus,
            'forfeited' => $outcome->forfeited,
            'carried_from' => $outcome->hearing?->carriedFrom,
            'defect' => $outcome->defect,
            'defect_noticed' => $outcome->defectNoticed,
            'first_at_ms' => $outcome->hearing?->firstAtMs,
            'out_of_place' => $outcome->outOfPlace,
        ];
    }

    /** @return list<string> */
    private static function codes(PointSet $points): array
    {
        return array_map(static fn (Point $point): string => $point->value, $points->points());
    }
}
