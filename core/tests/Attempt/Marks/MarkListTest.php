<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarksConflict;
use Pasada\Core\Tests\Sample;

/** @return list<string> */
function idsInForce(Mark ...$marks): array
{
    return array_map(static fn (Mark $mark): string => $mark->id, MarkList::of(...$marks)->inForce());
}

it('counts a mark once however often it is sent', function (): void {
    $mark = Sample::whole(1, 'engine.oil_level');

    expect(MarkList::of($mark, $mark)->with($mark)->marks)->toHaveCount(1);
});

it('orders by time, then by id, whatever order the marks arrive in', function (): void {
    $marks = [
        Sample::whole(3, 'a.b'), Sample::whole(1, 'a.b'), Sample::whole(2, 'a.b'),
        Mark::heardWhole(Sample::id(9), 2000, 'a.c'),
    ];

    expect(array_map(static fn (Mark $mark): string => $mark->id, MarkList::of(...$marks)->marks))
        ->toBe([Sample::id(1), Sample::id(2), Sample::id(9), Sample::id(3)])
        ->and(MarkList::of(...array_reverse($marks))->marks)->toEqual(MarkList::of(...$marks)->marks);
});

it('refuses two different marks of one id', function (): void {
    MarkList::of(Sample::whole(1, 'a.b'), Mark::heardWhole(Sample::id(1), 1000, 'a.c'));
})->throws(MarksConflict::class, 'needs an id of its own');

it('knows the time of its last mark', function (): void {
    expect(MarkList::of(Sample::whole(5, 'a.b'), Sample::whole(2, 'a.b'))->lastAtMs())->toBe(5000)
        ->and(MarkList::of()->lastAtMs())->toBe(0);
});

it('leaves out what was undone, and the undo itself', function (array $marks, array $kept): void {
    expect(idsInForce(...$marks))->toBe(array_map(Sample::id(...), $kept));
})->with([
    'nothing undone' => [[Sample::whole(1, 'a.b'), Sample::whole(2, 'a.c')], [1, 2]],
    'the last one' => [[Sample::whole(1, 'a.b'), Sample::whole(2, 'a.c'), Sample::undo(3, 2)], [1]],
    'an earlier one' => [[Sample::whole(1, 'a.b'), Sample::whole(2, 'a.c'), Sample::undo(3, 1)], [2]],
    'an undo undone' => [[Sample::whole(1, 'a.b'), Sample::undo(2, 1), Sample::undo(3, 2)], [1]],
    'undone three times over' => [
        [Sample::whole(1, 'a.b'), Sample::undo(2, 1), Sample::undo(3, 2), Sample::undo(4, 3)],
        [],
    ],
    'undone twice' => [[Sample::whole(1, 'a.b'), Sample::undo(2, 1), Sample::undo(3, 1)], []],
]);
