<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** The sample with a belt that weighs nothing. @param  array<string, mixed>  $rules */
function weightless(array $rules, Mark ...$marks): ScoreSheet
{
    $document = Sample::ruled($rules);
    $document['components'][0]['weight'] = 0;

    return Sample::sheetOf($document, null, ...$marks);
}

it('counts what weighs nothing for nothing', function (array $marks): void {
    $sheet = weightless([], ...[...$marks, Sample::finish(9)]);

    expect([
        $sheet->overall->asked, $sheet->overall->whole, $sheet->overall->misses(), array_sum($sheet->overall->counts),
    ])->toBe([7, 0, 7, 7]);
})->with([
    'said' => [[Sample::whole(1, 'cab.seat_belt')]],
    'partial' => [[Sample::points(1, 'cab.seat_belt', Point::Works)]],
    'not said' => [[]],
]);

it('says how it stands all the same', function (array $marks, ItemStatus $status): void {
    expect(weightless([], ...[...$marks, Sample::finish(9)])->outcomes['cab.seat_belt']->status)->toBe($status);
})->with([
    'said' => [[Sample::whole(1, 'cab.seat_belt')], ItemStatus::Whole],
    'partial' => [[Sample::points(1, 'cab.seat_belt', Point::Works)], ItemStatus::Partial],
    'said wrong' => [[Sample::wrong(1, 'cab.seat_belt', Point::Works)], ItemStatus::Wrong],
    'not said' => [[], ItemStatus::Missed],
]);

it('lets no miss of it fail, and none of it pass', function (): void {
    $all = array_filter(Sample::all(), static fn (Mark $mark): bool => $mark->payload->item() !== 'cab.seat_belt');

    expect(
        weightless(['pass' => ['misses_allowed' => 0, 'note' => 'x']], ...[...$all, Sample::finish(99)])->verdict
            ->standing,
    )->toBe(Standing::Passed);
});
