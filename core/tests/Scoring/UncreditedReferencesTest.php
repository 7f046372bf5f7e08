<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\UncreditedReferences;
use Pasada\Core\Tests\Sample;

it('tells of a reference that the checklist does not credit, once, and of no other', function (
    array $scopes, array $told,
): void {
    $inspection = Sample::inspectionOf(Sample::ruled(['axles' => 'each', 'carry_over' => ['scopes' => $scopes]]));
    $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(
        Sample::enter(1, 'drive-wheel-1'),
        Sample::carry(2, 'drive-wheel-1', 'steer'),
        Sample::carry(3, 'drive-wheel-1', 'steer'),
    ));

    expect(UncreditedReferences::of($sheet))->toBe($told);
})->with([
    'no reference is credited' => [
        [],
        [
            'At "Drive wheel 1" the student said it was the same as the steer axle; this checklist credits no such '.
                'reference.',
        ],
    ],
    'this one is' => [['axle'], []],
]);
