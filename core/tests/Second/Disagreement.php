<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Second;

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Vehicle\VehicleReader;

/** Where the engine and the second scorer do not say the same of one chance walk. */
final readonly class Disagreement
{
    /** @return list<string> in words; empty where they agree */
    public static function of(int $seed): array
    {
        $walk = new ChanceWalk($seed);
        $second = new SecondScorer($walk->checklist, $walk->vehicle, $walk->marks);
        $checklist = (new ChecklistReader)->read((string) json_encode($walk->checklist));
        $inspection = Inspection::of($checklist, (new VehicleReader)->read((string) json_encode($walk->vehicle)));
        $found = self::items($inspection, $second);
        if ($found !== []) {
            return $found;
        }
        $marks = (new MarkReader($inspection))->read(['marks' => $walk->marks], null, static fn (): bool => false);
        $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...$marks));
        $outcomes = $second->outcomes();
        foreach ($sheet->outcomes as $id => $outcome) {
            $found = [...$found, ...self::outcome($outcome, $outcomes[$id])];
        }
        $counted = array_sum(array_map(static fn (array $of): int => $of['possible'] > 0 ? 1 : 0, $outcomes));
        foreach ([
            'out of place' => [count($sheet->order->outOfPlace), $second->outOfPlace()],
            'asked' => [$sheet->overall->asked, $counted],
            'misses' => [$sheet->overall->misses(), $second->misses($second->items, $outcomes)],
            'passes' => [$sheet->verdict->standing === Standing::Passed, $second->passes()],
        ] as $what => [$engine, $other]) {
            if ($engine !== $other) {
                $found[] = sprintf(
                    '%s: engine %s, second %s', $what, var_export($engine, true), var_export($other, true),
                );
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function items(Inspection $inspection, SecondScorer $second): array
    {
        $codes = static fn ($points): array => array_column($points->points(), 'value');
        $sorted = static function (array $points): array {
            sort($points);

            return $points;
        };
        $engine = array_map(
            static fn ($item): string => json_encode([
                $item->id, $item->place, $sorted($codes($item->essential)), $sorted($codes($item->further)),
                $item->fitted,
            ]) ?:
            '',
            array_values($inspection->items),
        );
        $other = array_map(
            static fn (array $item): string => json_encode([
                $item['id'], $item['place'], $sorted($item['essential']), $sorted($item['further']), $item['fitted'],
            ]) ?:
            '',
            $second->items,
        );

        return $engine === $other
            ? []
            : [
                'the lists differ: '.
                implode(' ', array_diff($engine, $other)).
                ' / '.
                implode(' ', array_diff($other, $engine)),
            ];
    }

    /** @param  array{status: string, earned: int, possible: int, bonus: int}  $other
     * @return list<string> */
    private static function outcome(ItemOutcome $outcome, array $other): array
    {
        $status = $outcome->status->value.($outcome->forfeited ? ', forfeited' : '');
        $units = static fn (int $parts): int => intdiv($parts * Credit::UNIT, SecondScorer::ONE);
        $engine = [$status, $outcome->earned, $outcome->possible, $outcome->bonus];
        $second = [$other['status'], $units($other['earned']), $units($other['possible']), $units($other['bonus'])];

        return $engine === $second
            ? []
            : [sprintf('%s: engine %s, second %s', $outcome->item->id, json_encode($engine), json_encode($second))];
    }
}
