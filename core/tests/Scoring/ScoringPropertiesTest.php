<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Side;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;
use Random\Engine\Mt19937;
use Random\Randomizer;

// Hundreds of chance walks: left out where the same tests run once per mutant.
pest()->group('properties');

/** Everything a sheet says, without the inspection it was made from; the walk's facts included. */
function fingerprint(ScoreSheet $sheet): string
{
    return serialize([
        $sheet->walk, $sheet->outcomes, $sheet->sections, $sheet->overall, $sheet->order, $sheet->verdict,
        $sheet->remarks,
    ]);
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
        $id = Sample::id($n);
        $codes = array_keys($item->figures);
        $side = [null, Side::Left, Side::Right][$random->getInt(0, 2)];
        $marks[] = match ($random->getInt(0, 16)) {
            0, 1 => Mark::heardWhole($id, $n * 1000, $item->id, $side),
            2, 3 => Mark::pointsHeard($id, $n * 1000, $item->id, $points, $side),
            4 => Mark::pointsTakenBack($id, $n * 1000, $item->id, $points),
            5, 6 => Sample::enter($n, $place),
            7 => Sample::close($n, $place),
            8 => Sample::wave($n, $item->id),
            9 => $n > 1 ? Sample::undo($n, $random->getInt(1, $n - 1)) : Sample::enter($n, $place),
            10 => $codes === []
                ? Sample::whole($n, $item->id)
                : Sample::figure($n, $item->id, Point::from($codes[0]), $random->getInt(0, 5) * 1000),
            11 => $points->isEmpty()
                ? Sample::whole($n, $item->id)
                : Mark::saidWrong($id, $n * 1000, $item->id, $points, 'green'),
            12, 13 => Sample::carry(
                $n,
                $place,
                ['steer', 'drive', 'drive-1', 'drive-2', 'left', 'right'][$random->getInt(0, 5)],
                $random->getInt(0, 2) === 0 ? [$item->id] : [],
            ),
            14 => Mark::defectNoticed($id, $n * 1000, $item->id, 'crack'),
            15 => Mark::defectPlanted($id, $n * 1000, $item->id, 'crack'),
            16 => Mark::restarted($id, $n * 1000, 'cab'),
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

/** The sample under rules drawn from the seed: every value of every rule comes up over a few dozen seeds. */
function chanceInspection(string $credit, string $returns, int $seed): Inspection
{
    $random = new Randomizer(new Mt19937(7000 + $seed));
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $document = Sample::ruled([
        'credit' => $credit,
        'returns' => $returns,
        'half_for_part' => $seed % 2 === 0,
        'axles' => $one(['each', 'group', 'all']),
        'sides' => $one(['one', 'both']),
        'carry_over' => ['scopes' => $one([[], ['tandem'], ['axle', 'tandem'], ['side'], ['tandem', 'axle', 'side']])],
        'order' => [
            'sections' => $one(['fixed', 'free']),
            'items' => $one(['fixed', 'grouped', 'free']),
            'direction' => $one(['inside-out', 'outside-in', 'kept']),
        ],
        'wrong' => $one(['point', 'item']),
        'not_fitted' => $one(['vehicle', 'spoken']),
        'defects' => [
            'recited_over' => $one(['nothing', 'half', 'full']),
            'noticed' => $one(['nothing', 'whole', 'bonus']),
        ],
        'brake_tests' => [
            'section' => 'cab',
            'sequence' => $one(['before-walk', 'after-walk', 'any']),
            'restarts' => $random->getInt(0, 2),
            'weight' => $one(['critical', 'counted']),
        ],
    ]);
    $document['components'][0]['bonus'] = $one([true, false]);
    $document['components'][2]['repeat'] = $one(['once', 'side', 'two-sided']);
    $document['components'][3]['weight'] = $random->getInt(0, 3);

    return Sample::inspectionOf($document, [...Sample::vehicleDocument(), 'equipment' => $one([[], ['air-horn']])]);
}

it('scores the same marks the same, in whatever order and batches they arrive', function (
    string $credit,
    string $returns,
    int $seed,
): void {
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

it('never credits more than is possible, nor less than nothing', function (
    string $credit,
    string $returns,
    int $seed,
): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $sheet = ScoreSheet::ofInspection(
        $inspection,
        MarkList::of(...chanceMarks(new Randomizer(new Mt19937($seed)), $inspection, 80)),
    );
    foreach ($sheet->outcomes as $outcome) {
        expect($outcome->earned)
            ->toBeGreaterThanOrEqual(0)
            ->toBeLessThanOrEqual($outcome->possible)
            ->and($outcome->reachable)
            ->toBeGreaterThanOrEqual($outcome->earned)
            ->toBeLessThanOrEqual($outcome->possible);
    }
    foreach ([$sheet->overall, ...array_map(static fn ($section) => $section->score, $sheet->sections)] as $score) {
        expect($score->earned)
            ->toBeLessThanOrEqual($score->possible)
            ->and($score->whole)
            ->toBeLessThanOrEqual($score->asked);
    }
    expect(array_sum($sheet->overall->counts))
        ->toBe(count(array_filter($inspection->items, static fn ($item): bool => $item->weight > 0)))
        ->and(count($sheet->order->outOfPlace))
        ->toBeLessThanOrEqual(max(0, $sheet->order->named - 1));
})->with('chance walks');

it('gives back the state before a mark that is undone', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $marks = chanceMarks(new Randomizer(new Mt19937($seed + 100)), $inspection, 40);
    $before = MarkList::of(...$marks);
    $last = Mark::heardWhole(
        Sample::id(41),
        $before->lastAtMs(),
        array_keys($inspection->items)[$seed % count($inspection->items)],
    );
    $undone = $before->with($last, Mark::undo(Sample::id(42), $before->lastAtMs(), $last->id));

    expect(fingerprint(ScoreSheet::ofInspection($inspection, $undone)))->toBe(
        fingerprint(ScoreSheet::ofInspection($inspection, $before)),
    );
})->with('chance walks');

it('never lowers an item\'s credit for a point more that is heard', function (
    string $credit,
    string $returns,
    int $seed,
): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    // Hearing a waved item makes it asked again, and hearing it over a defect is reciting: other things than a point
    // more.
    $other = [MarkKind::NotFitted, MarkKind::Undo, MarkKind::DefectPlanted];
    $marks = array_filter(
        chanceMarks(new Randomizer(new Mt19937($seed + 200)), $inspection, 40),
        static fn (Mark $mark): bool => ! in_array($mark->kind, $other, true),
    );
    $before = MarkList::of(...$marks);
    $earned = ScoreSheet::ofInspection($inspection, $before)->outcomes;
    foreach ($inspection->items as $item) {
        foreach ($item->points->points() as $point) {
            $after = $before->with(
                Mark::pointsHeard(Sample::id(90), $before->lastAtMs() + 1, $item->id, PointSet::of($point)),
            );
            $outcome = ScoreSheet::ofInspection($inspection, $after)->outcomes[$item->id];
            expect($outcome->earned + $outcome->bonus)->toBeGreaterThanOrEqual(
                $earned[$item->id]->earned + $earned[$item->id]->bonus,
            );
        }
    }
})->with('chance walks');

it('inherits by reference never more than its source has', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $marks = chanceMarks(new Randomizer(new Mt19937($seed + 300)), $inspection, 70);
    $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...$marks));
    foreach ($sheet->outcomes as $id => $outcome) {
        $from = $outcome->hearing?->carriedFrom;
        if ($from === null) {
            continue;
        }
        $direct = $sheet->walk->hearings[$id] ?? null;
        $own = $direct === null ? PointSet::none() : $direct->inTime->with($direct->left)->with($direct->right);
        $source = $sheet->outcomes[$from]->hearing;
        assert($source !== null);
        $has = $source->inTime->with($source->left)->with($source->right);

        expect($has->with($own)->includes($outcome->hearing->inTime))->toBeTrue();
    }
    expect($sheet->outcomes)->not->toBeEmpty();
})->with('chance walks');

it('never raises an item by leaving a reference out', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $marks = chanceMarks(new Randomizer(new Mt19937($seed + 500)), $inspection, 70);
    $all = ScoreSheet::ofInspection($inspection, MarkList::of(...$marks))->outcomes;
    foreach ($marks as $n => $mark) {
        if ($mark->kind !== MarkKind::CarriedOver) {
            continue;
        }
        $without = ScoreSheet::ofInspection(
            $inspection,
            MarkList::of(...array_values(array_diff_key($marks, [$n => true]))),
        )->outcomes;
        foreach ($without as $id => $outcome) {
            expect($outcome->earned + $outcome->bonus)->toBeLessThanOrEqual($all[$id]->earned + $all[$id]->bonus);
        }
    }
    expect($all)->not->toBeEmpty();
})->with('chance walks');

it('gives the same sheet step by step as all at once', function (string $credit, string $returns, int $seed): void {
    $inspection = chanceInspection($credit, $returns, $seed);
    $marks = chanceMarks(new Randomizer(new Mt19937($seed + 400)), $inspection, 30);
    $list = MarkList::of();
    foreach ($marks as $mark) {
        $list = $list->with($mark);
        // Every step is a sheet of its own, and a mark sent twice changes nothing of it.
        expect(fingerprint(ScoreSheet::ofInspection($inspection, $list->with($mark))))->toBe(
            fingerprint(ScoreSheet::ofInspection($inspection, $list)),
        );
    }

    expect(fingerprint(ScoreSheet::ofInspection($inspection, $list)))->toBe(
        fingerprint(ScoreSheet::ofInspection($inspection, MarkList::of(...$marks))),
    );
})->with('chance walks');

it('scores what was written out and read in again the same', function (int $seed): void {
    $inspection = chanceInspection('weighted', 'section', $seed);
    $axles = array_map(static fn ($item): ?string => $item->position->axle, $inspection->items);
    $marks = array_filter(
        chanceMarks(new Randomizer(new Mt19937($seed)), $inspection, 90),
        static fn (Mark $mark): bool => $mark->kind !== MarkKind::Undo &&
            (! ($mark->payload instanceof Pasada\Core\Attempt\Marks\ReferencePayload) ||
                in_array($mark->payload->from->key(), [...$axles, 'left', 'right'], true)),
    );
    $written = json_decode(
        (string) json_encode(['marks' => array_map(MarkWriter::write(...), array_values($marks))]),
        true,
    );
    assert(is_array($written));
    $read = (new Pasada\Core\Attempt\Marks\MarkReader($inspection))->read($written, 0, static fn (): bool => false);

    expect(fingerprint(ScoreSheet::ofInspection($inspection, MarkList::of(...$read))))->toBe(
        fingerprint(ScoreSheet::ofInspection($inspection, MarkList::of(...$marks))),
    );
})->with(range(1, 12));
