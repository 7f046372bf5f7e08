<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\SaidWhen;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/**
 * The sample under the strictest return rule, on a tractor without an air horn. @param  array<string, mixed>  $rules
 */
function strict(array $rules, Mark ...$marks): ScoreSheet
{
    return Sample::sheetOf(
        Sample::ruled(['returns' => 'place', 'not_fitted' => 'spoken', ...$rules]),
        [...Sample::vehicleDocument(), 'equipment' => []],
        ...$marks,
    );
}

$leave = [Sample::enter(1, 'cab'), Sample::enter(3, 'engine')];
$noticed = static fn (int $n): Mark => Mark::defectNoticed(Sample::id($n), $n * 1000, 'engine.oil_level', 'low');

it('holds for what is waved as for words', function (
    array $marks, string $item, ItemStatus $status, int $remarks,
): void {
    $sheet = strict([], ...$marks);

    expect($sheet->outcomes[$item]->status)->toBe($status)->and($sheet->remarks)->toHaveCount($remarks);
})->with([
    'not there, waved in time' => [
        [$leave[0], Sample::wave(2, 'cab.horn_air'), $leave[1]],
        'cab.horn_air',
        ItemStatus::NotFitted,
        0,
    ],
    'not there, waved too late' => [[...$leave, Sample::wave(4, 'cab.horn_air')], 'cab.horn_air', ItemStatus::Late, 1],
    'there, waved in time' => [
        [$leave[0], Sample::wave(2, 'cab.seat_belt'), $leave[1]],
        'cab.seat_belt',
        ItemStatus::NotFitted,
        0,
    ],
    'there, waved too late: it stays missed' => [
        [...$leave, Sample::wave(4, 'cab.seat_belt')], 'cab.seat_belt', ItemStatus::Missed, 1,
    ],
    'there and said, waved too late: it stays said' => [
        [$leave[0], Sample::whole(2, 'cab.seat_belt'), $leave[1], Sample::wave(4, 'cab.seat_belt')],
        'cab.seat_belt',
        ItemStatus::Whole,
        1,
    ],
    'told afterwards to have been waved in time' => [
        [...$leave, Sample::wave(4, 'cab.horn_air')->afterwards(5000)],
        'cab.horn_air',
        ItemStatus::NotFitted,
        0,
    ],
]);

it('holds for a defect that is noticed as for words', function (
    array $rules, array $marks, bool $isNoticed, int $remarks,
): void {
    $sheet = strict($rules, ...$marks);

    expect([
        $sheet->outcomes['engine.oil_level']->defectNoticed,
        $sheet->outcomes['engine.oil_level']->bonus > 0,
        count($sheet->remarks),
    ])->toBe([$isNoticed, $isNoticed, $remarks]);
})->with([
    'in time' => [['defects' => ['noticed' => 'bonus']], [Sample::enter(1, 'engine'), $noticed(2)], true, 0],
    'too late' => [
        ['defects' => ['noticed' => 'bonus']],
        [Sample::enter(1, 'engine'), Sample::enter(2, 'cab'), $noticed(3)],
        false,
        1,
    ],
    'nothing is too late' => [
        ['defects' => ['noticed' => 'bonus'], 'returns' => 'end'],
        [Sample::enter(1, 'engine'), Sample::enter(2, 'cab'), $noticed(3)],
        true,
        0,
    ],
]);

it('takes an undo whatever its time: the clocks of two devices overlap', function (
    array $undos,
    ItemStatus $status,
): void {
    expect(
        Sample::sheet([], Sample::whole(5, 'engine.oil_level'), ...$undos)->outcomes['engine.oil_level']->status,
    )->toBe($status);
})->with([
    'later' => [[Sample::undo(9, 5)], ItemStatus::NotReached],
    'earlier by the other clock' => [[Sample::undo(2, 5)], ItemStatus::NotReached],
    'earlier, and undone itself' => [[Sample::undo(2, 5), Sample::undo(1, 2)], ItemStatus::Whole],
    'undone twice, one of them taken back' => [
        [Sample::undo(2, 5), Sample::undo(9, 5), Sample::undo(10, 9)],
        ItemStatus::NotReached,
    ],
]);

it('lets undos that name each other count for nothing', function (): void {
    $sheet = Sample::sheet(
        [], Sample::whole(5, 'engine.oil_level'), Mark::undo(Sample::id(6), 6000, Sample::id(7)),
        Mark::undo(Sample::id(7), 7000, Sample::id(6)),
    );

    expect($sheet->outcomes['engine.oil_level']->status)->toBe(ItemStatus::Whole);
});

it('gives nothing for what is timed after the finish, and says so', function (
    array $marks,
    ItemStatus $status,
    array $remarks,
): void {
    $sheet = Sample::sheet([], ...[Sample::finish(5), ...$marks]);

    expect($sheet->outcomes['engine.oil_level']->status)->toBe($status)->and($sheet->remarks)->toBe($remarks);
})->with([
    'before it' => [[Sample::whole(4, 'engine.oil_level')], ItemStatus::Whole, []],
    'in the same moment' => [[Mark::heardWhole(Sample::id(9), 5000, 'engine.oil_level')], ItemStatus::Whole, []],
    'after it' => [
        [Sample::whole(6, 'engine.oil_level')],
        ItemStatus::Missed,
        ['1 mark is timed after the finish; it counts for nothing.'],
    ],
    'several' => [
        [Sample::enter(6, 'engine'), Sample::whole(7, 'engine.oil_level'), Sample::wave(8, 'cab.horn_air')],
        ItemStatus::Missed,
        ['3 marks are timed after the finish; they count for nothing.'],
    ],
    'an amendment tells when it was said' => [
        [Sample::whole(6, 'engine.oil_level')->afterwards(6000)],
        ItemStatus::Whole,
        [],
    ],
    'a note is none of it' => [[Mark::note(Sample::id(6), 6000, 'rain')], ItemStatus::Missed, []],
]);

it('tells some in time and some too late from all too late', function (array $before, ItemStatus $status): void {
    $sheet = Sample::sheet(
        ['returns' => 'place'],
        ...[
            Sample::enter(1, 'engine'),
            ...$before,
            Sample::enter(3, 'cab'),
            Sample::points(4, 'engine.alternator', Point::Mounted, Point::Drive),
        ],
    );

    expect($sheet->outcomes['engine.alternator']->status)->toBe($status);
})->with([
    'nothing in time' => [[], ItemStatus::Late],
    'named only in time' => [[Sample::points(2, 'engine.alternator')], ItemStatus::Late],
    'a point in time' => [[Sample::points(2, 'engine.alternator', Point::Mounted)], ItemStatus::LaterAdded],
    'a further point in time' => [[Sample::points(2, 'engine.alternator', Point::BeltPlay)], ItemStatus::LaterAdded],
    'all in time' => [[Sample::whole(2, 'engine.alternator')], ItemStatus::Whole],
]);

it('drops a late point once it is told to have been said in time', function (): void {
    $late = Mark::pointsHeard(Sample::id(4), 4000, 'engine.alternator', PointSet::of(Point::Drive));
    $sheet = Sample::sheet(
        ['returns' => 'place'],
        Sample::enter(1, 'engine'),
        Sample::enter(3, 'cab'),
        $late,
        Mark::pointsHeard(Sample::id(5), 5000, 'engine.alternator', PointSet::of(Point::Drive))->afterwards(5000),
    );

    expect($sheet->outcomes['engine.alternator']->late()->isEmpty())
        ->toBeTrue()
        ->and(SaidWhen::InTime->value)
        ->toBe('in_time');
});
