<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Scoring\Credit;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;

/** The sample with a leak and a tug test in a section of their own. @param  array<string, mixed>  $brakes */
function brakeSheet(array $brakes, Mark ...$marks): ScoreSheet
{
    $document = Sample::ruled([
        'returns' => 'place',
        'pass' => ['overall_percent' => 1, 'note' => 'x'],
        'brake_tests' => ['section' => 'tests', ...$brakes],
    ]);
    $document['components'][] = ['id' => 'test.leak_applied', 'name' => 'Leak test', 'essential' => ['works']];
    $document['components'][] = ['id' => 'test.park_tractor', 'name' => 'Tractor tug', 'essential' => ['works']];
    array_splice($document['sections'], 1, 0, [
        [
            'id' => 'tests',
            'name' => 'Brake tests',
            'stops' => [
                [
                    'id' => 'bench',
                    'name' => 'Brake tests',
                    'zone' => 'brakes',
                    'asks' => ($brakes['tug'] ?? '') === 'before-leak'
                            ? ['test.park_tractor', 'test.leak_applied']
                            : ['test.leak_applied', 'test.park_tractor'],
                ],
            ],
        ],
    ]);

    return Sample::sheetOf($document, null, ...$marks);
}

$leak = static fn (int $n): Mark => Sample::whole($n, 'test.leak_applied');
$tug = static fn (int $n): Mark => Sample::whole($n, 'test.park_tractor');
$oil = static fn (int $n): Mark => Sample::whole($n, 'engine.oil_level');
$again = static fn (int $n): Mark => Mark::restarted(Sample::id($n), $n * 1000, 'tests');

it('holds the tests to their sequence', function (array $rules, array $marks, int $breaches): void {
    $sheet = brakeSheet(['weight' => 'critical', ...$rules], ...[...$marks, Sample::finish(99)]);

    expect($sheet->verdict->standing)
        ->toBe($breaches === 0 ? Standing::Passed : Standing::Failed)
        ->and(
            array_filter(
                $sheet->verdict->checks,
                static fn ($check): bool => str_contains($check->said, ' test') &&
                    ! $check->met &&
                    ! str_contains($check->said, 'required'),
            ),
        )
        ->toHaveCount($breaches);
})->with([
    'before the walk: first' => [['sequence' => 'before-walk'], [$leak(1), $tug(2), $oil(3)], 0],
    'before the walk: in the middle' => [['sequence' => 'before-walk'], [$leak(1), $oil(2), $tug(3)], 1],
    'before the walk: the cab may come first' => [
        ['sequence' => 'before-walk'],
        [Sample::whole(1, 'cab.seat_belt'), $leak(2), $tug(3), $oil(4)],
        0,
    ],
    'after the walk: last' => [['sequence' => 'after-walk'], [$oil(1), $leak(2), $tug(3)], 0],
    'after the walk: first' => [['sequence' => 'after-walk'], [$leak(1), $tug(2), $oil(3)], 1],
    'before the walk: the first thing outside counts' => [
        ['sequence' => 'before-walk'],
        [$leak(1), $oil(2), $tug(3), Sample::whole(9, 'engine.alternator')],
        1,
    ],
    'before the walk: at the same moment' => [
        ['sequence' => 'before-walk'],
        [$leak(1), $tug(3), Mark::heardWhole(Sample::id(4), 3000, 'engine.oil_level')],
        0,
    ],
    'after the walk: the last thing outside counts' => [
        ['sequence' => 'after-walk'],
        [$oil(1), $leak(2), Sample::whole(5, 'engine.alternator'), $tug(9)],
        1,
    ],
    'after the walk: at the same moment' => [
        ['sequence' => 'after-walk'],
        [$oil(3), Mark::heardWhole(Sample::id(4), 3000, 'test.leak_applied'), $tug(9)],
        0,
    ],
    'any: in the middle' => [['sequence' => 'any'], [$leak(1), $oil(2), $tug(3)], 0],
    'tug after leak: so' => [['tug' => 'after-leak'], [$leak(1), $tug(2)], 0],
    'tug after leak: turned round' => [['tug' => 'after-leak'], [$tug(1), $leak(2)], 1],
    'tug before leak: so' => [['tug' => 'before-leak'], [$tug(1), $leak(2)], 0],
    'tug before leak: turned round' => [['tug' => 'before-leak'], [$leak(1), $tug(2)], 1],
    'tug after leak: at the same moment' => [
        ['tug' => 'after-leak'],
        [$leak(1), Mark::heardWhole(Sample::id(2), 1000, 'test.park_tractor')],
        0,
    ],
    'tug before leak: at the same moment' => [
        ['tug' => 'before-leak'],
        [$tug(1), Mark::heardWhole(Sample::id(2), 1000, 'test.leak_applied')],
        0,
    ],
    'tug any: turned round' => [['tug' => 'any'], [$tug(1), $leak(2)], 0],
]);

it('lets the tests be begun again, from the beginning, as often as is allowed', function (
    int $allowed, array $marks, ItemStatus $leakIs, Standing $standing,
) use ($tug): void {
    $sheet = brakeSheet(['restarts' => $allowed, 'weight' => 'critical'], ...[...$marks, $tug(50), Sample::finish(99)]);

    expect($sheet->outcomes['test.leak_applied']->status)
        ->toBe($leakIs)
        ->and($sheet->verdict->standing)
        ->toBe($standing);
})->with([
    'none allowed, none taken' => [0, [$leak(1)], ItemStatus::Whole, Standing::Passed],
    'none allowed, one taken: what was said stands, and it fails' => [
        0, [$leak(1), $again(2)], ItemStatus::Whole, Standing::Failed,
    ],
    'one allowed, one taken: said before is not said' => [
        1, [$leak(1), $again(2)], ItemStatus::Missed, Standing::Failed,
    ],
    'one allowed, one taken, all said again' => [
        1, [$leak(1), $again(2), $leak(3)], ItemStatus::Whole, Standing::Passed,
    ],
    'two allowed, two taken' => [
        2,
        [$leak(1), $again(2), $leak(3), $again(4), $leak(5)],
        ItemStatus::Whole,
        Standing::Passed,
    ],
    'two allowed, three taken' => [2, [$again(1), $again(2), $again(3), $leak(5)], ItemStatus::Whole, Standing::Failed],
]);

it('opens the place again on a restart', function () use ($leak, $again): void {
    $sheet = brakeSheet(['restarts' => 1], Sample::enter(1, 'bench'), Sample::close(2, 'bench'), $again(3), $leak(4));

    expect($sheet->outcomes['test.leak_applied']->status)->toBe(ItemStatus::Whole);
});

it('fails for any wrong step where it is critical, and remarks on it where it is counted', function (
    string $weight,
    Standing $standing,
    int $remarks,
) use ($tug, $leak): void {
    $sheet = brakeSheet(['tug' => 'after-leak', 'weight' => $weight], $tug(1), $leak(2), Sample::finish(9));

    expect($sheet->verdict->standing)->toBe($standing)->and($sheet->remarks)->toHaveCount($remarks);
})->with(['critical' => ['critical', Standing::Failed, 0], 'counted' => ['counted', Standing::Passed, 1]]);

it('fails for a test that was not made where it is critical', function (string $weight, Standing $standing) use (
    $leak,
): void {
    expect(brakeSheet(['weight' => $weight], $leak(1), Sample::finish(9))->verdict->standing)->toBe($standing);
})->with(['critical' => ['critical', Standing::Failed], 'counted' => ['counted', Standing::Passed]]);

it('costs the section for a fault, where the checklist has it so', function (
    string $weight, array $marks, array $earned, Standing $standing,
): void {
    $sheet = brakeSheet(['tug' => 'after-leak', 'weight' => $weight], ...$marks);

    expect(
        array_map(static fn (string $id): bool => $sheet->outcomes[$id]->earned > 0, [
            'test.leak_applied',
            'test.park_tractor',
            'engine.oil_level',
        ]),
    )
        ->toBe($earned)
        ->and($sheet->verdict->standing)
        ->toBe($standing);
})->with([
    'no fault' => ['section', [$leak(1), $tug(2), $oil(3), Sample::finish(9)], [true, true, true], Standing::Passed],
    'a test missed' => ['section', [$leak(1), $oil(3), Sample::finish(9)], [false, false, true], Standing::Passed],
    'not yet made' => ['section', [$leak(1), $oil(3)], [true, false, true], Standing::Passed],
    'out of their order' => [
        'section', [$tug(1), $leak(2), $oil(3), Sample::finish(9)], [false, false, true], Standing::Passed,
    ],
    'said wrong' => [
        'section',
        [
            Sample::wrong(1, 'test.leak_applied', Pasada\Core\Catalogue\Point::Works),
            $tug(2),
            $oil(3),
            Sample::finish(9),
        ],
        [false, false, true],
        Standing::Passed,
    ],
    'a test missed, counted as an item' => [
        'counted', [$leak(1), $oil(3), Sample::finish(9)], [true, false, true], Standing::Passed,
    ],
    'a test missed, counted as the inspection' => [
        'critical', [$leak(1), $oil(3), Sample::finish(9)], [true, false, true], Standing::Failed,
    ],
]);

it('shows what a fault cost: nothing earned, and nothing to be earned once it is final', function (
    array $rules, array $marks, array $expected,
): void {
    $outcome = brakeSheet(['tug' => 'after-leak', 'weight' => 'section', ...$rules], ...$marks)
        ->outcomes['test.leak_applied'];

    expect([
        $outcome->status, $outcome->earned, $outcome->reachable, $outcome->bonus, $outcome->reachableBonus,
        $outcome->forfeited, $outcome->isEarned(),
    ])->toBe([ItemStatus::Whole, ...$expected]);
})->with([
    'no fault' => [[], [$leak(1), $tug(2)], [Credit::UNIT, Credit::UNIT, 0, 0, false, true]],
    'for good' => [[], [$tug(1), $leak(2)], [0, 0, 0, 0, true, false]],
    'until it is begun again' => [['restarts' => 1], [$tug(1), $leak(2)], [0, Credit::UNIT, 0, 0, true, false]],
]);

it('tells of too many restarts beside what was broken', function () use ($leak, $tug, $again): void {
    $rules = ['tug' => 'after-leak', 'weight' => 'critical', 'restarts' => 1];
    $checks = brakeSheet($rules, $again(1), $again(2), $tug(3), $leak(4))->verdict->checks;
    $told = array_map(
        static fn (PassCheck $check): array => [$check->said, $check->reachable],
        array_values(array_filter($checks, static fn (PassCheck $check): bool => ! $check->met)),
    );

    expect($told)->toContain(['The brake tests were restarted 2 times; 1 restart is allowed.', false])
        ->and(array_column($told, 0))
        ->toContain('The tug tests come after the leak test; they were made before it.');
});

it('still earns the section while it can be begun again', function () use ($leak, $tug, $oil, $again): void {
    $turned = [$tug(1), $leak(2), $oil(3)];
    $rules = ['tug' => 'after-leak', 'weight' => 'section', 'restarts' => 1];

    expect(brakeSheet($rules, ...$turned)->outcomes['test.leak_applied']->reachable)
        ->toBeGreaterThan(0)
        ->and(brakeSheet($rules, ...[...$turned, $again(4), $leak(5), $tug(6)])->outcomes['test.leak_applied']->earned)
        ->toBeGreaterThan(0);
});

it('takes no place in the order for what was told afterwards', function () use ($leak, $tug): void {
    $told = $leak(1)->afterwards(9000);

    expect(
        brakeSheet(['tug' => 'after-leak', 'weight' => 'critical'], $tug(2), $told)->outcomes['test.leak_applied']
            ->status,
    )
        ->toBe(ItemStatus::Whole)
        ->and(brakeSheet(['tug' => 'after-leak', 'weight' => 'counted'], $tug(2), $told)->remarks)
        ->toBe([]);
});

it('begins again from the test that is named', function (?string $from, ItemStatus $leakIs, ItemStatus $tugIs) use (
    $leak,
    $tug,
    $again,
): void {
    $sheet = brakeSheet(
        [
            'restarts' => 1,
            'steps' => [['test' => 'leak-applied'], ['test' => 'tug-tractor']],
            ...$from === null ? [] : ['restart_from' => $from],
        ],
        $leak(1),
        $tug(2),
        $again(3),
    );

    expect([$sheet->outcomes['test.leak_applied']->status, $sheet->outcomes['test.park_tractor']->status])->toBe([
        $leakIs,
        $tugIs,
    ]);
})->with([
    'the beginning' => [null, ItemStatus::NotReached, ItemStatus::NotReached],
    'the tugs' => ['tug-tractor', ItemStatus::Whole, ItemStatus::NotReached],
]);

it('says in words what was broken', function (array $rules, array $marks, string $told): void {
    expect(brakeSheet(['weight' => 'counted', ...$rules], ...$marks)->remarks)->toBe([$told]);
})->with([
    'one restart' => [['restarts' => 0], [$again(1)], 'The brake tests were restarted once; that is not allowed.'],
    'one too many' => [
        ['restarts' => 1],
        [$again(1), $again(2)],
        'The brake tests were restarted 2 times; 1 restart is allowed.',
    ],
    'two too many' => [
        ['restarts' => 2],
        [$again(1), $again(2), $again(3)],
        'The brake tests were restarted 3 times; 2 restarts are allowed.',
    ],
    'before the walk' => [
        ['sequence' => 'before-walk'],
        [$oil(1), $leak(2)],
        'The brake tests come before the walk; something outside was said before they were done.',
    ],
    'after the walk' => [
        ['sequence' => 'after-walk'],
        [$leak(1), $oil(2)],
        'The brake tests come after the walk; they were started before it was done.',
    ],
    'tugs' => [
        ['tug' => 'after-leak'],
        [$tug(1), $leak(2)],
        'The tug tests come after the leak test; they were made before it.',
    ],
]);

it('holds every tug to the leak test, not one of them', function (string $tug, array $order, int $remarks): void {
    $tests = ['test.park_tractor', 'test.park_trailer', 'test.leak_applied'];
    $document = Sample::ruled(['brake_tests' => ['section' => 'tests', 'tug' => $tug]]);
    foreach ($tests as $id) {
        $document['components'][] = ['id' => $id, 'name' => $id, 'essential' => ['works']];
    }
    $asks = $tug === 'before-leak' ? $tests : array_reverse($tests);
    $document['sections'][] = [
        'id' => 'tests',
        'name' => 'Tests',
        'stops' => [['id' => 'bench', 'name' => 'Bench', 'zone' => 'brakes', 'asks' => $asks]],
    ];
    $marks = array_map(static fn (string $id, int $n): Mark => Sample::whole($n + 1, $id), $order, array_keys($order));

    expect(Sample::sheetOf($document, null, ...$marks)->remarks)->toHaveCount($remarks);
})->with([
    'before: one too late' => ['before-leak', ['test.park_tractor', 'test.leak_applied', 'test.park_trailer'], 1],
    'before: both in time' => ['before-leak', ['test.park_trailer', 'test.park_tractor', 'test.leak_applied'], 0],
    'after: one too early' => ['after-leak', ['test.park_tractor', 'test.leak_applied', 'test.park_trailer'], 1],
    'after: both in time' => ['after-leak', ['test.leak_applied', 'test.park_trailer', 'test.park_tractor'], 0],
]);

it('knows which breaches beginning again would mend', function (array $rules, array $marks, bool $isReachable): void {
    $sheet = brakeSheet(['weight' => 'critical', 'restarts' => 1, ...$rules], ...$marks);
    $breach = array_values(
        array_filter($sheet->verdict->checks, static fn ($check): bool => str_starts_with($check->said, 'The ')),
    )[0];

    expect([$breach->met, $breach->reachable])->toBe([false, $isReachable]);
})->with([
    'tugs in the wrong order' => [['tug' => 'after-leak'], [$tug(1), $leak(2)], true],
    'begun before the walk was done' => [['sequence' => 'after-walk'], [$leak(1), $oil(2)], true],
    'something outside said first' => [['sequence' => 'before-walk'], [$oil(1), $leak(2)], false],
    'tugs, and something outside said too' => [
        ['sequence' => 'before-walk', 'tug' => 'after-leak'],
        [$tug(1), $leak(2), $oil(3)],
        false,
    ],
    'no restart left' => [['tug' => 'after-leak'], [$again(1), $tug(2), $leak(3)], false],
]);

it('takes nothing outside for said that was only told afterwards', function () use ($leak, $oil): void {
    expect(
        brakeSheet(['weight' => 'counted', 'sequence' => 'before-walk'], $oil(1)->afterwards(1000), $leak(2))->remarks,
    )->toBe([]);
});
