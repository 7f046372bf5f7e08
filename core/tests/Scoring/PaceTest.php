<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\Pace;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

/** A walk by a shipped list in which each of so many parts is marked so many milliseconds after the one before. */
function markedEvery(int $parts, int $everyMs): ScoreSheet
{
    $inspection = Inspection::of(
        (new ChecklistReader)->read(Sample::shipped('checklists', 'whole-walk-round')),
        (new VehicleReader)->read(Sample::shipped('vehicles', 'dock-tractor-chassis')),
    );
    $ids = array_slice(array_keys($inspection->items), 0, $parts);

    return ScoreSheet::ofInspection($inspection, MarkList::of(...array_map(
        static fn (string $item, int $n): Mark => Mark::heardWhole(Sample::id($n), $n * $everyMs, $item),
        $ids,
        array_keys($ids),
    )));
}

it('flags a pace that no mouth has', function (int $parts, int $everyMs, bool $isTooFast, int $most): void {
    $pace = Pace::of(markedEvery($parts, $everyMs));

    expect([$pace->isTooFast(), $pace->items])->toBe([$isTooFast, $most]);
})->with([
    'all in one stroke' => [87, 0, true, 87],
    'tapped through' => [87, 160, true, 87],
    'bursts of four in three seconds, held up' => [120, 750, false, 21],
    'as many as a scorer who catches up' => [30, 0, false, 30],
    'one more' => [31, 0, true, 31],
    'at leisure' => [150, 9000, false, 2],
    'nothing at all' => [0, 0, false, 0],
]);

it('says how many, in how long, and from when', function (): void {
    expect(Pace::of(markedEvery(87, 160))->said())->toBe(
        '87 items were marked within 14 s, from 0:00 on. Nobody speaks so fast: they were not marked as they were '.
            'said.',
    );
});

it('leaves out what has no time of its own', function (): void {
    $sheet = Sample::sheet([], ...Sample::all());
    $waved = Sample::sheet([], ...array_map(
        static fn (Mark $mark, int $n): Mark => Sample::wave($n, (string) $mark->payload->item()),
        Sample::all(),
        range(1, count(Sample::all())),
    ));

    expect(Pace::of($sheet)->items)->toBeGreaterThan(0)->and(Pace::of($waved)->items)->toBe(0);
});
