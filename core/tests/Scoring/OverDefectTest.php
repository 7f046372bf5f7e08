<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

$planted = Mark::defectPlanted(Sample::id(1), 1000, 'engine.alternator', 'cracked bracket');

it('tells a part recited over a known defect apart, whatever it earned', function (
    array $rules, array $marks, ItemStatus $status, int $halves,
) use ($planted): void {
    $outcome = Sample::sheet(['defects' => ['recited_over' => 'half'], ...$rules], $planted, ...$marks)->outcomes[
        'engine.alternator'
    ];

    expect([$outcome->status, $outcome->earned])->toBe([$status, intdiv(Credit::UNIT * $halves, 2)]);
})->with([
    'all of it' => [[], [Sample::whole(2, 'engine.alternator')], ItemStatus::OverDefect, 1],
    'in part, which earns nothing' => [
        [],
        [Sample::points(2, 'engine.alternator', Point::Mounted)],
        ItemStatus::OverDefect,
        0,
    ],
    'said wrong beside it, which costs the item' => [
        ['wrong' => 'item'],
        [Sample::whole(2, 'engine.alternator'), Sample::wrong(3, 'engine.alternator', Point::Drive)],
        ItemStatus::OverDefect,
        0,
    ],
    'named only' => [[], [Sample::points(2, 'engine.alternator')], ItemStatus::Partial, 0],
    'noticed' => [
        [],
        [Sample::whole(2, 'engine.alternator'), Mark::defectNoticed(Sample::id(3), 3000, 'engine.alternator')],
        ItemStatus::Whole,
        2,
    ],
]);

it('shows a wrong further point on an item that is earned whole, at the price of the wrong-rule', function (
    string $rule,
    ItemStatus $status,
    int $units,
): void {
    $outcome = Sample::sheet(
        ['wrong' => $rule],
        Sample::points(1, 'engine.alternator', Point::Mounted, Point::Drive),
        Sample::wrong(2, 'engine.alternator', Point::BeltPlay),
    )->outcomes['engine.alternator'];

    expect([$outcome->status, $outcome->wrong()->points(), $outcome->earned])->toBe([
        $status,
        [Point::BeltPlay],
        $units * Credit::UNIT,
    ]);
})->with(['the point' => ['point', ItemStatus::Whole, 1], 'the item' => ['item', ItemStatus::Wrong, 0]]);
