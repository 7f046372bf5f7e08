<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Tests\Sample;

const TYRE = 'wheel.tyre@steer';

/** @param  list<Mark>  $marks */
function tyreHeard(array $marks): ?Hearing
{
    return Walk::replay(Sample::inspection(['returns' => 'place']), MarkList::of(...$marks))->hearings[TYRE] ?? null;
}

it('keeps a figure as said, and judges it by what is accepted', function (
    int $value,
    array $inTime,
    array $wrong,
): void {
    $hearing = tyreHeard([Sample::figure(1, TYRE, Point::Depth, $value)]);

    expect($hearing?->figures)
        ->toBe(['depth' => $value])
        ->and($hearing?->inTime->points())
        ->toBe($inTime)
        ->and($hearing?->wrong->points())
        ->toBe($wrong);
})->with([
    'the figure that is asked' => [4000, [Point::Depth, Point::Identified], []],
    'another figure than the one that is asked' => [6000, [Point::Identified], [Point::Depth]],
    'a thousandth below it' => [3999, [Point::Identified], [Point::Depth]],
]);

it('lets the last word on a point count while its place is open', function (
    array $marks,
    array $inTime,
    array $wrong,
): void {
    $hearing = tyreHeard($marks);

    expect($hearing?->inTime->points())->toBe($inTime)->and($hearing?->wrong->points())->toBe($wrong);
})->with([
    'wrong, then right' => [
        [Sample::wrong(1, TYRE, Point::Even), Sample::points(2, TYRE, Point::Even)],
        [Point::Even, Point::Identified],
        [],
    ],
    'right, then wrong' => [
        [Sample::points(1, TYRE, Point::Even), Sample::wrong(2, TYRE, Point::Even)],
        [Point::Identified],
        [Point::Even],
    ],
    'a wrong figure put right' => [
        [Sample::figure(1, TYRE, Point::Depth, 2000), Sample::figure(2, TYRE, Point::Depth, 4000)],
        [Point::Depth, Point::Identified],
        [],
    ],
    'another point stands' => [
        [Sample::points(1, TYRE, Point::Even), Sample::wrong(2, TYRE, Point::Depth)],
        [Point::Even, Point::Identified],
        [Point::Depth],
    ],
    'wrong after the place was left spoils nothing' => [
        [
            Sample::enter(1, 'steer-wheel'), Sample::points(2, TYRE, Point::Even), Sample::enter(3, 'drive-wheel'),
            Sample::wrong(4, TYRE, Point::Even),
        ],
        [Point::Even, Point::Identified],
        [],
    ],
]);

it('takes a figure and words back with their point, and leaves the others', function (): void {
    $hearing = tyreHeard([
        Sample::figure(1, TYRE, Point::Depth, 2000),
        Sample::points(2, TYRE, Point::Even),
        Sample::takenBack(3, TYRE, Point::Depth),
    ]);

    expect($hearing?->figures)
        ->toBe([])
        ->and($hearing?->wrong->points())
        ->toBe([])
        ->and($hearing?->inTime->points())
        ->toBe([Point::Even, Point::Identified]);
});

it('forgets an item whose naming is taken back', function (): void {
    expect(
        tyreHeard([Sample::figure(1, TYRE, Point::Depth, 2000), Sample::takenBack(2, TYRE, Point::Identified)]),
    )->toBeNull();
});

it('counts a word after the place was left as late, and only what was not said in time', function (): void {
    $hearing = tyreHeard([
        Sample::enter(1, 'steer-wheel'),
        Sample::points(2, TYRE, Point::Even),
        Sample::enter(3, 'drive-wheel'),
        Sample::points(4, TYRE, Point::Even, Point::Depth),
    ]);

    expect($hearing?->inTime->points())
        ->toBe([Point::Even, Point::Identified])
        ->and($hearing?->late->points())
        ->toBe([Point::Depth]);
});

it('leaves the points of what was said in part open until they are told, and counts it as named till then', function (
    array $marks,
    bool $isOpen,
): void {
    $hearing = tyreHeard($marks);

    expect($hearing?->pointsOpen ?? false)->toBe($isOpen);
    if ($isOpen) {
        expect($hearing?->inTime->points())->toBe([Point::Identified]);
    }
})->with(static function (): array {
    $id = static fn (int $n): string => sprintf('00000000-0000-7000-8000-%012d', $n);
    $part = Mark::heardInPart($id(1), 1000, TYRE);

    return [
        'nobody told' => [[$part], true],
        'a point' => [[$part, Sample::points(2, TYRE, Point::Even)], false],
        'a wrong one' => [[$part, Sample::wrong(2, TYRE, Point::Even)], false],
        'all of them' => [[$part, Mark::heardWhole($id(2), 2000, TYRE)], false],
        'named and no more' => [[$part, Mark::pointsHeard($id(2), 2000, TYRE, PointSet::none())], false],
        'taken back' => [
            [$part, Mark::pointsTakenBack($id(2), 2000, TYRE, PointSet::identified())], false,
        ],
        'a point known before' => [
            [Sample::points(1, TYRE, Point::Even), Mark::heardInPart($id(2), 2000, TYRE)], false,
        ],
    ];
});
