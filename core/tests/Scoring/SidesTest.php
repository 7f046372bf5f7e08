<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

/** The steer tyre of the sample as one item of two sides, both needed. @param  array<string, mixed>  $rules */
function twoSided(array $rules, Mark ...$marks): ItemOutcome
{
    $document = Sample::ruled([
        'sides' => 'both',
        'returns' => 'place',
        'credit' => 'full',
        'half_for_part' => true,
        ...$rules,
    ]);
    $document['components'][5]['repeat'] = 'two-sided';

    return Sample::sheetOf($document, null, ...$marks)->outcomes['wheel.tyre@steer'];
}

$whole = static fn (int $n, ?Side $side): Mark => Mark::heardWhole(
    Sample::id($n), $n * 1000, 'wheel.tyre@steer', $side,
);
$depth = PointSet::of(Point::Depth);
$left = Side::Left;
$right = Side::Right;
$tread = static fn (int $n, int $value, ?Side $side): Mark => Mark::figureHeard(
    Sample::id($n), $n * 1000, 'wheel.tyre@steer', PointSet::of(Point::Depth), $value, $side,
);

it('hears figures, wrong statements and what is taken back of one side', function (
    array $marks,
    int $eighths,
    ItemStatus $status,
): void {
    $outcome = twoSided([], ...$marks);

    expect([$outcome->earned, $outcome->status])->toBe([intdiv(Credit::UNIT * $eighths, 8), $status]);
})->with([
    'the figure of both' => [[$whole(1, null), $tread(2, 4000, null)], 8, ItemStatus::Whole],
    'a wrong figure of the left' => [[$whole(1, null), $tread(2, 2000, $left)], 6, ItemStatus::Wrong],
    'a wrong figure of both' => [[$whole(1, null), $tread(2, 2000, null)], 4, ItemStatus::Wrong],
    'put right on that side' => [
        [$whole(1, null), $tread(2, 2000, $left), $tread(3, 4000, $left)],
        8,
        ItemStatus::Whole,
    ],
    'put right on the other side only' => [
        [$whole(1, null), $tread(2, 2000, $left), $tread(3, 4000, $right)],
        6,
        ItemStatus::Wrong,
    ],
    'said wrong of the right' => [
        [$whole(1, null), Mark::saidWrong(Sample::id(2), 2000, 'wheel.tyre@steer', $depth, 'bald', $right)],
        6,
        ItemStatus::Wrong,
    ],
    'taken back of the left' => [
        [$whole(1, null), Mark::pointsTakenBack(Sample::id(2), 2000, 'wheel.tyre@steer', $depth, $left)],
        6,
        ItemStatus::Partial,
    ],
    'the left taken back whole' => [
        [
            $whole(1, null),
            Mark::pointsTakenBack(Sample::id(2), 2000, 'wheel.tyre@steer', PointSet::identified(), $left),
        ],
        4,
        ItemStatus::Partial,
    ],
    'both taken back' => [
        [$whole(1, null), Mark::pointsTakenBack(Sample::id(2), 2000, 'wheel.tyre@steer', PointSet::identified())],
        0,
        ItemStatus::NotReached,
    ],
]);

it('tells late from partly said', function (array $after, ItemStatus $status) use ($whole): void {
    $shut = [Sample::enter(1, 'steer-wheel'), $whole(2, Side::Left), Sample::enter(3, 'cab')];

    expect(twoSided([], ...[...$shut, ...$after])->status)->toBe($status);
})->with([
    'one side in time' => [[], ItemStatus::Partial],
    'the same side repeated late' => [[$whole(4, $left)], ItemStatus::Partial],
    'the other side added late' => [[$whole(4, $right)], ItemStatus::LaterAdded],
]);

it('notices a defect on the side on which it is', function (?Side $planted, ?Side $noticed, bool $isNoticed): void {
    $outcome = twoSided(
        [],
        Mark::defectPlanted(Sample::id(1), 1000, 'wheel.tyre@steer', 'cut', $planted),
        Mark::defectNoticed(Sample::id(2), 2000, 'wheel.tyre@steer', 'cut', $noticed),
    );

    expect($outcome->defectNoticed)->toBe($isNoticed);
})->with([
    'neither told' => [null, null, true],
    'on that side' => [Side::Left, Side::Left, true],
    'no side told with it' => [Side::Left, null, true],
    'on the other side' => [Side::Left, Side::Right, false],
    'anywhere' => [null, Side::Right, true],
]);
