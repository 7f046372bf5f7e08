<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Tests\Sample;

$but = static fn (int ...$missing): array => [
    ...array_values(array_diff_key(Sample::all(), array_flip($missing))),
    Sample::finish(20),
];

it('says what would have been enough', function (array $pass, array $marks, string $enough): void {
    $unmet = array_values(
        array_filter(
            Sample::sheet(['pass' => [...$pass, 'note' => 'x']], ...$marks)->verdict->checks,
            static fn (PassCheck $check): bool => ! $check->met,
        ),
    );

    expect($unmet[0]->enough ?? '')->toBe($enough);
})->with([
    'nothing lacks' => [['overall_percent' => 80], $but(), ''],
    'one item short' => [['overall_percent' => 88], $but(0), '1 more complete item would have been enough.'],
    'two items short' => [
        ['overall_percent' => 80],
        $but(0, 1, 2),
        '2 more complete items would have been enough.',
    ],
    'exactly an item short' => [
        ['overall_percent' => 75],
        $but(0, 1, 2),
        '1 more complete item would have been enough.',
    ],
    'while it goes on' => [
        ['overall_percent' => 88],
        array_slice(Sample::all(), 1),
        '1 more complete item would be enough.',
    ],
    'misses' => [['misses_allowed' => 1], $but(0, 1, 2), '2 more complete would have been enough.'],
    'critical, named' => [
        ['overall_percent' => 1, 'critical_sections' => ['cab']],
        $but(0, 1),
        'Needed: Seat belt, Air horn.',
    ],
    'critical, too many to name' => [
        ['overall_percent' => 1, 'critical_sections' => ['cab']],
        $but(0, 1, 2, 3),
        'Needed: Seat belt, Air horn, Mirror, left side and 1 more.',
    ],
    'order' => [
        ['overall_percent' => 1, 'out_of_place_allowed' => 0],
        [Sample::whole(1, 'engine.oil_level'), Sample::whole(2, 'cab.seat_belt')],
        '1 fewer would have been enough.',
    ],
]);

it('lets so many items out of place pass', function (int $allowed, Standing $standing): void {
    $sheet = Sample::sheet(
        ['pass' => ['overall_percent' => 10, 'out_of_place_allowed' => $allowed, 'note' => 'x']],
        Sample::whole(1, 'engine.oil_level'),
        Sample::whole(2, 'cab.seat_belt'),
    );

    expect($sheet->verdict->standing)->toBe($standing);
})->with(['none' => [0, Standing::Failed], 'one' => [1, Standing::Passed]]);

it('takes over-time as a rule or as a remark', function (
    string $over, int $second, Standing $standing, int $remarks,
): void {
    $sheet = Sample::sheet(
        ['time_allowed_seconds' => 60, 'over_time' => $over, 'pass' => ['overall_percent' => 1, 'note' => 'x']],
        Sample::whole(1, 'engine.oil_level'),
        Sample::finish($second),
    );

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

    expect(
        Sample::sheetOf($document, null, Sample::enter(0, 'cab'), Sample::enter($left, 'engine'), Sample::finish(500))
            ->remarks,
    )->toBe($remarks);
})->with(['in time' => [10, []], 'over' => [83, ['"In the cab" took 1:23; 0:10 is allowed.']]]);

it('needs no share of a section in which nothing counts', function (): void {
    $document = Sample::ruled(['pass' => ['section_percent' => 50, 'note' => 'x']]);
    foreach ([0, 1, 2] as $component) {
        $document['components'][$component]['weight'] = 0;
    }

    expect(Sample::sheetOf($document, null, ...array_slice(Sample::all(), 4))->verdict->standing)->toBe(
        Standing::Passed,
    );
});

it('says nothing about what would have been enough where a rule is met', function (array $pass): void {
    $checks = Sample::sheet(['pass' => [...$pass, 'note' => 'x']], ...[...Sample::all(), Sample::finish(20)])->verdict
        ->checks;

    expect(array_map(static fn (PassCheck $check): string => $check->enough, $checks))->toBe(
        array_fill(0, count($checks), ''),
    );
})->with([
    'share' => [['overall_percent' => 100]],
    'every section' => [['section_percent' => 100]],
    'misses' => [['misses_allowed' => 0]],
    'order' => [['overall_percent' => 1, 'out_of_place_allowed' => 0]],
    'critical' => [
        ['overall_percent' => 1, 'critical_sections' => ['cab', 'outside'], 'critical_components' => ['wheel.tyre']],
    ],
]);

it('needs the dearest items first to make up for what lacks', function (): void {
    $document = Sample::with(
        Sample::ruled(['pass' => ['overall_percent' => 30, 'note' => 'x']]),
        ['components', 4, 'weight'],
        5,
    );

    expect(Sample::sheetOf($document, null, Sample::finish(1))->verdict->checks[0]->enough)->toBe(
        '1 more complete item would have been enough.',
    );
});

it('counts exactly as many misses as cannot be mended while the walk goes on', function (
    int $allowed,
    bool $reachable,
): void {
    // The cab is shut with its four items; the other four can still be said.
    $check = Sample::sheet(
        ['returns' => 'place', 'pass' => ['misses_allowed' => $allowed, 'note' => 'x']],
        Sample::enter(1, 'cab'),
        Sample::enter(2, 'engine'),
    )->verdict->checks[0];

    expect($check->reachable)
        ->toBe($reachable)
        ->and($check->met)
        ->toBeFalse()
        ->and($check->enough)
        ->toBe(sprintf('%d more complete would be enough.', 8 - $allowed));
})->with(['three' => [3, false], 'four' => [4, true]]);

it('leaves extra credit out of misses and of what is critical', function (): void {
    $document = Sample::ruled(['pass' => ['misses_allowed' => 0, 'critical_sections' => ['outside'], 'note' => 'x']]);
    $document['components'][4]['bonus'] = true;
    $marks = array_values(
        array_filter(
            Sample::all(),
            static fn (Pasada\Core\Attempt\Marks\Mark $mark): bool => $mark->payload->item() !== 'engine.oil_level',
        ),
    );

    expect(Sample::sheetOf($document, null, ...$marks)->verdict->standing)->toBe(Standing::Passed);
});

it('takes the first of a critical component\'s names', function (): void {
    $checks = Sample::sheet(
        ['pass' => ['overall_percent' => 1, 'critical_components' => ['side.mirror'], 'note' => 'x']],
        Sample::whole(1, 'side.mirror@left'),
        Sample::finish(2),
    )->verdict->checks;

    expect($checks[1]->said)
        ->toBe('All 2 items of "Mirror" are required; 1 were missed.')
        ->and($checks[1]->enough)
        ->toBe('Needed: Mirror, right side.')
        ->and($checks[1]->reachable)
        ->toBeFalse();
});

/** Two sections: the cab said but for the horn, the outside whole. @param  array<string, mixed>  $pass */
function marked(array $pass): array
{
    $marks = array_values(
        array_filter(
            Sample::all(),
            static fn (Pasada\Core\Attempt\Marks\Mark $mark): bool => $mark->payload->item() !== 'cab.horn_air',
        ),
    );
    $sheet = Sample::sheet(['pass' => ['note' => 'x', ...$pass]], ...[...$marks, Sample::finish(99)]);

    return array_map(
        static fn (PassCheck $check): string => ($check->met ? 'met' : 'not met').': '.$check->said,
        $sheet->verdict->checks,
    );
}

it('holds sections to marks of their own', function (array $pass, array $checks): void {
    expect(marked($pass))->toBe($checks);
})->with([
    'a share of one section' => [
        ['sections' => ['cab' => ['percent' => 76]]],
        ['not met: 75.0% of "In the cab" was earned; 76% is needed.'],
    ],
    'exactly that share' => [
        ['sections' => ['cab' => ['percent' => 75]]],
        ['met: 75.0% of "In the cab" was earned; 75% is needed.'],
    ],
    'one section beside the others' => [
        ['section_percent' => 100, 'sections' => ['cab' => ['percent' => 50]]],
        [
            'met: 75.0% of "In the cab" was earned; 50% is needed.',
            'met: 100.0% of "Outside" was earned; 100% is needed.',
        ],
    ],
    'misses of each section' => [
        ['section_misses_allowed' => 0],
        [
            'not met: 1 of 4 items of "In the cab" were missed; 0 misses are allowed.',
            'met: 0 of 4 items of "Outside" were missed; 0 misses are allowed.',
        ],
    ],
    'misses of one section' => [
        ['sections' => ['cab' => ['misses_allowed' => 1]]],
        ['met: 1 of 4 items of "In the cab" were missed; 1 miss is allowed.'],
    ],
    'sections out of place' => [
        ['misses_allowed' => 1, 'sections_out_of_place_allowed' => 0],
        [
            'met: 0 sections were out of order; 0 allowed.',
            'met: 1 of 8 items were missed; 1 miss is allowed.',
        ],
    ],
]);

it('fails for a section out of place where that is a rule', function (int $allowed, Standing $standing): void {
    $items = array_keys(Sample::inspection()->items);
    $turned = [...array_slice($items, 4), ...array_slice($items, 0, 4)];
    $marks = array_map(static fn (int $n) => Sample::whole($n + 1, $turned[$n]), array_keys($turned));
    $sheet = Sample::sheet(
        ['pass' => ['misses_allowed' => 0, 'sections_out_of_place_allowed' => $allowed, 'note' => 'x']],
        ...[...$marks, Sample::finish(99)],
    );

    expect($sheet->verdict->standing)->toBe($standing);
})->with(['none allowed' => [0, Standing::Failed], 'one allowed' => [1, Standing::Passed]]);

it('knows that what was waved can still be spoken of and earned', function (int $percent, bool $reachable): void {
    // The four items of the cab are lost. Of the other four two are waved: two of six can be earned, or four of eight.
    $marks = [
        Sample::enter(1, 'cab'), Sample::enter(2, 'engine'), Sample::wave(3, 'engine.alternator'),
        Sample::wave(4, 'engine.oil_level'),
    ];
    $check = Sample::sheet(['returns' => 'place', 'pass' => ['overall_percent' => $percent, 'note' => 'x']], ...$marks)
        ->verdict->checks[0];

    expect($check->reachable)->toBe($reachable);
})->with(['half' => [50, true], 'more than half' => [51, false]]);

/** The checks of a sheet in words. @return list<string> */
function toldChecks(array $document, Pasada\Core\Attempt\Marks\Mark ...$marks): array
{
    return array_map(
        static fn (PassCheck $check): string => $check->said.($check->enough === '' ? '' : ' '.$check->enough),
        Sample::sheetOf($document, null, ...$marks)->verdict->checks,
    );
}

it('says what is required, met or not', function (array $components, array $marks, array $told): void {
    $pass = ['overall_percent' => 1, 'critical_components' => $components, 'note' => 'x'];

    expect(array_slice(toldChecks(Sample::ruled(['pass' => $pass]), ...$marks), 1))->toBe($told);
})->with([
    'one item, earned' => [
        ['cab.seat_belt'], [Sample::whole(1, 'cab.seat_belt')], ['"Seat belt" is required; it was earned.'],
    ],
    'one item, missed' => [
        ['cab.seat_belt'], [], ['"Seat belt" is required; it was missed. Needed: Seat belt.'],
    ],
    'two items, earned' => [
        ['side.mirror'],
        [Sample::whole(1, 'side.mirror@left'), Sample::whole(2, 'side.mirror@right')],
        ['All 2 items of "Mirror" are required; 0 were missed.'],
    ],
    'three items, the most that are named' => [
        ['side.mirror', 'cab.seat_belt'],
        [],
        [
            'All 2 items of "Mirror" are required; 2 were missed. Needed: Mirror, left side, Mirror, right side.',
            '"Seat belt" is required; it was missed. Needed: Seat belt.',
        ],
    ],
]);

it('lets nothing be missed where no mark applies', function (int $missed, Standing $standing): void {
    $document = Sample::ruled(['pass' => ['sections' => ['cab' => ['percent' => 50]], 'note' => 'x']]);
    foreach ([0, 1, 2] as $component) {
        $document['components'][$component]['weight'] = 0;
    }
    $verdict = Sample::sheetOf($document, null, ...array_slice(Sample::all(), 4 + $missed))->verdict;

    expect($verdict->checks[0]->said)->toBe("$missed of 4 items were missed; 0 misses are allowed.")
        ->and($verdict->standing)
        ->toBe($standing);
})->with([[0, Standing::Passed], [1, Standing::Open]]);

it('says nothing of a section in which nothing counts', function (array $pass): void {
    $document = Sample::ruled(['pass' => [...$pass, 'note' => 'x']]);
    foreach ([0, 1, 2] as $component) {
        $document['components'][$component]['weight'] = 0;
    }

    expect(toldChecks($document))->toHaveCount(1)
        ->and(toldChecks($document)[0])
        ->toContain('"Outside"');
})->with(['a share' => [['section_percent' => 50]], 'misses' => [['section_misses_allowed' => 1]]]);

it('makes up for a section with items of that section only', function (): void {
    $document = Sample::with(
        Sample::ruled(['pass' => ['sections' => ['cab' => ['percent' => 50]], 'note' => 'x']]),
        ['components', 4, 'weight'],
        5,
    );

    expect(Sample::sheetOf($document, null, Sample::finish(1))->verdict->checks[0]->enough)->toBe(
        '2 more complete items would have been enough.',
    );
});

it('takes time that is gone for lost, and the place of a section for not yet settled', function (): void {
    $rules = [
        'time_allowed_seconds' => 60,
        'over_time' => 'fails',
        'pass' => ['overall_percent' => 1, 'sections_out_of_place_allowed' => 0, 'note' => 'x'],
    ];
    $checks = Sample::sheet($rules, Sample::whole(1, 'engine.oil_level'), Sample::whole(90, 'cab.seat_belt'))
        ->verdict->checks;
    $told = array_map(static fn (PassCheck $check): array => [$check->said, $check->met, $check->reachable], $checks);

    expect($told)->toContain(['The walk took 1:30; 1:00 is allowed.', false, false])
        ->toContain(['1 sections were out of order; 0 allowed.', false, true]);
});

it('says by how many too many were out of order', function (): void {
    $items = array_reverse(array_keys(Sample::inspection()->items));
    $marks = array_map(static fn (int $n) => Sample::whole($n + 1, $items[$n]), array_keys($items));
    $sheet = Sample::sheet(
        [
            'order' => ['sections' => 'fixed', 'items' => 'fixed'],
            'pass' => ['overall_percent' => 1, 'out_of_place_allowed' => 2, 'note' => 'x'],
        ],
        ...[...$marks, Sample::finish(50)],
    );

    expect($sheet->verdict->checks[1]->enough)->toBe(
        (count($sheet->order->outOfPlace) - 2).' fewer would have been enough.',
    );
});

it('has no share of a walk in which everything was waved', function (): void {
    $items = array_keys(Sample::inspection()->items);
    $sheet = Sample::sheet([], ...array_map(
        static fn (int $n) => Sample::wave($n + 1, $items[$n]),
        array_keys($items),
    ));

    expect([$sheet->overall->possible, $sheet->overall->permille()])->toBe([0, 0]);
});

it('rests on the first rule that is not met', function (array $pass, ?string $reason): void {
    $marks = [...array_slice(Sample::all(), 0, 6), Sample::finish(20)];

    expect(Sample::sheet(['pass' => [...$pass, 'note' => 'x']], ...$marks)->verdict->reason())->toBe($reason);
})->with([
    'none' => [['overall_percent' => 75], null],
    'one' => [['overall_percent' => 76], '75.0% of the whole walk was earned; 76% is needed.'],
    'the second of two' => [
        ['overall_percent' => 75, 'misses_allowed' => 1], '2 of 8 items were missed; 1 miss is allowed.',
    ],
]);
