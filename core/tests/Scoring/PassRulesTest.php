<?php

declare(strict_types=1);

use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Scoring\Standing;
use Pasada\Core\Tests\Sample;

$but = static fn (int ...$missing): array => [...array_values(array_diff_key(Sample::all(), array_flip($missing))), Sample::finish(20)];

it('says what would have been enough', function (array $pass, array $marks, string $enough): void {
    $unmet = array_values(array_filter(Sample::sheet(['pass' => [...$pass, 'note' => 'x']], ...$marks)->verdict->checks, static fn (PassCheck $check): bool => ! $check->met));

    expect($unmet[0]->enough ?? '')->toBe($enough);
})->with([
    'nothing lacks' => [['overall_percent' => 80], $but(), ''],
    'one item short' => [['overall_percent' => 88], $but(0), '1 more item earned whole would have been enough.'],
    'two items short' => [['overall_percent' => 80], $but(0, 1, 2), '2 more items earned whole would have been enough.'],
    'while it goes on' => [['overall_percent' => 88], array_slice(Sample::all(), 1), '1 more item earned whole would be enough.'],
    'misses' => [['misses_allowed' => 1], $but(0, 1, 2), '2 more earned whole would have been enough.'],
    'critical, named' => [['overall_percent' => 1, 'critical_sections' => ['cab']], $but(0, 1), 'Needed: Seat belt, Air horn.'],
    'critical, too many to name' => [['overall_percent' => 1, 'critical_sections' => ['cab']], $but(0, 1, 2, 3), 'Needed: Seat belt, Air horn, Mirror, left side and 1 more.'],
    'order' => [['overall_percent' => 1, 'out_of_place_allowed' => 0], [Sample::whole(1, 'engine.oil_level'), Sample::whole(2, 'cab.seat_belt')], '1 fewer would have been enough.'],
]);

it('lets so many items out of place pass', function (int $allowed, Standing $standing): void {
    $sheet = Sample::sheet(['pass' => ['overall_percent' => 10, 'out_of_place_allowed' => $allowed, 'note' => 'x']], Sample::whole(1, 'engine.oil_level'), Sample::whole(2, 'cab.seat_belt'));

    expect($sheet->verdict->standing)->toBe($standing);
})->with(['none' => [0, Standing::Failed], 'one' => [1, Standing::Passed]]);

it('takes over-time as a rule or as a remark', function (string $over, int $second, Standing $standing, int $remarks): void {
    $sheet = Sample::sheet(['time_allowed_seconds' => 60, 'over_time' => $over, 'pass' => ['overall_percent' => 1, 'note' => 'x']], Sample::whole(1, 'engine.oil_level'), Sample::finish($second));

    expect($sheet->verdict->standing)->toBe($standing)->and($sheet->remarks)->toHaveCount($remarks);
})->with([
    'a rule, in time to the second' => ['fails', 60, Standing::Passed, 0],
    'a rule, a second over' => ['fails', 61, Standing::Failed, 0],
    'a remark, in time' => ['remark', 60, Standing::Passed, 0],
    'a remark, over' => ['remark', 61, Standing::Passed, 1],
]);

it('holds each section to its own time', function (int $left, array $remarks): void {
    $document = Sample::checklistDocument();
    $document['sections'][0]['time_allowed_seconds'] = 10;

    expect(Sample::sheetOf($document, null, Sample::enter(0, 'cab'), Sample::enter($left, 'engine'), Sample::finish(500))->remarks)->toBe($remarks);
})->with(['in time' => [10, []], 'over' => [83, ['"In the cab" took 1:23; 0:10 is allowed.']]]);

it('needs no share of a section in which nothing counts', function (): void {
    $document = Sample::ruled(['pass' => ['section_percent' => 50, 'note' => 'x']]);
    foreach ([0, 1, 2] as $component) {
        $document['components'][$component]['weight'] = 0;
    }

    expect(Sample::sheetOf($document, null, ...array_slice(Sample::all(), 4))->verdict->standing)->toBe(Standing::Passed);
});
