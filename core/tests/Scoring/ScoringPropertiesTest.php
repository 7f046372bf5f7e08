<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Mark;
use Pasada\Core\Attempt\MarkList;
use Pasada\Core\Attempt\MarkWriter;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Everything a sheet says, without the inspection it was made from; the walk's facts included. */
function fingerprint(ScoreSheet $sheet): string
{
    return serialize([$sheet->walk, $sheet->outcomes, $sheet->sections, $sheet->overall, $sheet->order, $sheet->verdict]);
}

/** @return list<Mark> marks of every kind in rising time, drawn by chance from a seed */
function chanceMarks(Randomizer $random, Inspection $inspection, int $count): array
{
    $marks = [];
    $items = array_keys($inspection->items);
    for ($n = 1; $n <= $count; $n++) {
        $item = $inspection->items[$items[$random->getInt(0, count($items) - 1)]];
        $place = $inspection->places[$random->getInt(0, count($inspection->places) - 1)]->id;
        $points = PointSet::fromBits($item->points->bits & $random->getInt(0, PHP_INT_MAX));
        $marks[] = match ($random->getInt(0, 8)) {
            0, 1 => Sample::whole($n, $item->id),
            2, 3 => Mark::pointsHeard(Sample::id($n), $n * 1000, $item->id, $points),
            4 => Mark::pointsTakenBack(Sample::id($n), $n * 1000, $item->id, $points),
            5 => Sample::enter($n, $place),
            6 => Sample::close($n, $place),
            7 => Sample::wave($n, $item->id),
            8 => $n > 1 ? Sample::undo($n, $random->getInt(1, $n - 1)) : Sample::enter($n, $place),
        };
    }

    return $marks;
}

dataset('chance walks', function (): Generator {
    foreach (['named', 'essential', 'weighted', 'full'] as $credit) {
        foreach (['place', 'section', 'end'] as $returns) {
            foreach (range(1, 8) as $seed) {
                yield "$credit, $returns, seed $seed" => [$credit, $returns, $seed];
            }
        }
    }
});

function chanceInspection(string $credit, string $returns, int $seed): Inspection
{
    return Sample::inspection(['credit' => $credit, 'returns' => $returns, 'half_for_part' => $seed % 2 === 0, 'axles' => $seed % 3 === 0 ? 'each' : 'group']);
}

it('scores the same marks the same, in whatever order and batches they arrive', function (string $credit, string $returns, int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $inspection = chanceInspection($credit, $returns, $seed);
    $marks = chanceMarks($random, $inspection, 60);
    $sheet = fingerprint(ScoreSheet::ofInspection($inspection, MarkList::of(...$marks)));
    $batches = MarkList::of();
    foreach (array_chunk($random->shuffleArray([...$marks, ...$marks]), 7) as $batch) {
        $batches = $batches->with(...$batch);
    }

    expect(fingerprint(ScoreSheet::ofInspection($inspection, $batches)))->toBe($sheet);
})->with('chance walks');

it('never credits more than is possible, nor less than nothing', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...chanceMarks(new Randomizer(new Mt19937($seed)), $inspection, 80)));
    foreach ($sheet->outcomes as $outcome) {
        expect($outcome->earned)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($outcome->possible)
            ->and($outcome->reachable)->toBeGreaterThanOrEqual($outcome->earned)->toBeLessThanOrEqual($outcome->possible);
    }
    expect(array_sum($sheet->overall->counts))->toBe(count($inspection->items))
        ->and(count($sheet->order->outOfPlace))->toBeLessThanOrEqual(max(0, $sheet->order->named - 1));
})->with('chance walks');

it('gives back the state before a mark that is undone', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $marks = chanceMarks(new Randomizer(new Mt19937($seed + 100)), $inspection, 40);
    $before = MarkList::of(...$marks);
    $last = Mark::heardWhole(Sample::id(41), $before->lastAtMs(), array_keys($inspection->items)[$seed % 8]);
    $undone = $before->with($last, Mark::undo(Sample::id(42), $before->lastAtMs(), $last->id));

    expect(fingerprint(ScoreSheet::ofInspection($inspection, $undone)))->toBe(fingerprint(ScoreSheet::ofInspection($inspection, $before)));
})->with('chance walks');

it('never lowers an item\'s credit for a point more that is heard', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    // A walk without waves: hearing a waved item makes it asked again, which is another thing.
    $marks = array_filter(chanceMarks(new Randomizer(new Mt19937($seed + 200)), $inspection, 40), static fn (Mark $mark): bool => ! in_array($mark->kind->value, ['not_fitted', 'undo'], true));
    $before = MarkList::of(...$marks);
    $earned = ScoreSheet::ofInspection($inspection, $before)->outcomes;
    foreach ($inspection->items as $item) {
        foreach ($item->points->points() as $point) {
            $after = $before->with(Mark::pointsHeard(Sample::id(90), $before->lastAtMs() + 1, $item->id, PointSet::of($point)));
            expect(ScoreSheet::ofInspection($inspection, $after)->outcomes[$item->id]->earned)->toBeGreaterThanOrEqual($earned[$item->id]->earned);
        }
    }
})->with([['named', 'end', 1], ['essential', 'place', 2], ['weighted', 'section', 3], ['full', 'end', 4]]);

it('scores what was written out and read in again the same', function (int $seed): void {
    $inspection = chanceInspection('weighted', 'section', $seed);
    $marks = chanceMarks(new Randomizer(new Mt19937($seed)), $inspection, 60);
    $written = json_decode((string) json_encode(['marks' => array_map(MarkWriter::write(...), $marks)]), true);
    assert(is_array($written));
    $read = (new Pasada\Core\Attempt\MarkReader($inspection))->read($written, 0, static fn (): bool => false);

    expect(fingerprint(ScoreSheet::ofInspection($inspection, MarkList::of(...$read))))->toBe(fingerprint(ScoreSheet::ofInspection($inspection, MarkList::of(...$marks))));
})->with(range(1, 5));
