<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__.'/Order/everyOrder.php';

pest()->group('properties');

/**
 * A list so small that all that can still be said of it can be tried: two places, a bonus, a tandem, a test. @param
 * array<string, mixed>  $rules
 */
function smallList(array $rules): array
{
    $document = Sample::ruled(['axles' => 'each', ...$rules]);
    $document['figures'] = [];
    $document['components'] = [
        ['id' => 'cab.wipers', 'name' => 'Wipers', 'essential' => ['works']],
        [
            'id' => 'safety.three_points',
            'name' => 'Three points',
            'essential' => ['works'],
            'bonus' => true,
            'weight' => 2,
        ],
        ['id' => 'test.leak_applied', 'name' => 'Leak', 'essential' => ['works']],
        ['id' => 'wheel.rim', 'name' => 'Rim', 'essential' => ['intact'], 'further' => ['mounted']],
    ];
    $document['sections'] = [
        [
            'id' => 'tests',
            'name' => 'Tests',
            'stops' => [['id' => 'bench', 'name' => 'Bench', 'zone' => 'brakes', 'asks' => ['test.leak_applied']]],
        ],
        [
            'id' => 'cab',
            'name' => 'Cab',
            'stops' => [
                ['id' => 'cab', 'name' => 'Cab', 'zone' => 'cab', 'asks' => ['cab.wipers', 'safety.three_points']],
            ],
        ],
        [
            'id' => 'drive',
            'name' => 'Drive',
            'stops' => [
                ['id' => 'rear', 'name' => 'Rear', 'zone' => 'axle', 'axles' => 'drive', 'asks' => ['wheel.rim']],
            ],
        ],
    ];

    return $document;
}

/** What a student can still say or do in one step; corrections of the scorer are none of it. @return list<Mark> */
function nextMarks(Inspection $inspection, int $n): array
{
    $next = [];
    foreach ($inspection->items as $item) {
        $next[] = Sample::whole($n, $item->id);
        $next[] = Mark::defectNoticed(Sample::id($n), $n * 1000, $item->id);
    }
    foreach ($inspection->places as $place) {
        $next[] = Sample::enter($n, $place->id);
    }

    return [
        ...$next,
        Sample::carry($n, 'rear-2', 'drive-1'),
        Sample::carry($n, 'rear-1', 'drive-2'),
        Mark::restarted(Sample::id($n), $n * 1000, 'tests'),
    ];
}

/**
 * Going on as well as anybody can: the places in any order, everything said, referred to and noticed, the tests begun
 * again or not.
 *
 * @return Generator<list<Mark>>
 */
function waysOn(Inspection $inspection, int $from): Generator
{
    foreach (everyOrder(array_keys($inspection->places)) as $order) {
        foreach ([0, 1, 2, 3] as $options) {
            $n = $from;
            $marks = ($options & 1) === 0 ? [] : [Mark::restarted(Sample::id($n), $n++ * 1000, 'tests')];
            foreach ($order as $at) {
                $place = $inspection->places[$at];
                $marks[] = Sample::enter($n++, $place->id);
                foreach ($place->items as $item) {
                    $marks[] = Mark::defectNoticed(Sample::id($n), $n++ * 1000, $item->id);
                    $marks[] = Sample::whole($n++, $item->id);
                }
                if (($options & 2) !== 0 && $place->group !== null) {
                    $marks[] = Sample::carry($n++, $place->id, $place->id === 'rear-1' ? 'drive-2' : 'drive-1');
                }
            }
            yield [...$marks, Sample::finish($n)];
        }
    }
}

/** Whether any way of going on passes, also after one more thing was said or done. */
function canPass(Inspection $inspection, MarkList $marks, int $n): bool
{
    foreach ([null, ...nextMarks($inspection, $n)] as $first) {
        $begun = $first === null ? $marks : $marks->with($first);
        foreach ($first === null ? waysOn($inspection, $n + 1) : [[Sample::finish($n + 1)]] as $rest) {
            if (ScoreSheet::ofInspection($inspection, $begun->with(...$rest))->verdict->standing === Standing::Passed) {
                return true;
            }
        }
    }

    return false;
}

it('says "failed" in the middle of a walk only where no way of going on passes', function (): void {
    $failed = 0;
    for ($seed = 1; $seed <= 80; $seed++) {
        $random = new Randomizer(new Mt19937(300 + $seed));
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $inspection = Sample::inspectionOf(
            smallList([
                'returns' => $one(['place', 'section']),
                'carry_over' => ['scopes' => ['tandem']],
                'defects' => ['noticed' => $one(['nothing', 'whole', 'bonus']), 'recited_over' => 'half'],
                'order' => ['sections' => $one(['fixed', 'free']), 'items' => $one(['fixed', 'grouped', 'free'])],
                'brake_tests' => [
                    'section' => 'tests',
                    'sequence' => $one(['before-walk', 'after-walk', 'any']),
                    'restarts' => $one([0, 1]),
                    'weight' => $one(['critical', 'section', 'counted']),
                ],
                'pass' => [
                    ...$one([
                        ['overall_percent' => 75],
                        ['section_percent' => 50],
                        ['misses_allowed' => 1],
                        ['section_misses_allowed' => 0],
                    ]),
                    ...$one([[], ['out_of_place_allowed' => 0]]),
                    'note' => 'x',
                ],
            ]),
        );
        $marks = MarkList::of();
        for ($n = 1; $n <= 6; $n++) {
            $marks = $marks->with($one(nextMarks($inspection, $n)));
            if (ScoreSheet::ofInspection($inspection, $marks)->verdict->standing === Standing::Failed) {
                $failed++;
                expect(canPass($inspection, $marks, $n + 1))->toBeFalse("seed $seed, mark $n");
                break;
            }
        }
    }
    expect($failed)->toBeGreaterThan(20);
});

/** @param  array<string, mixed>  $rules */
function standing(array $rules, Mark ...$marks): Standing
{
    return Sample::sheetOf(smallList($rules), null, ...$marks)->verdict->standing;
}

it('knows what can still be reached', function (array $rules, array $marks, Standing $standing): void {
    expect(
        standing(['returns' => 'place', 'pass' => ['overall_percent' => 100, 'note' => 'x'], ...$rules], ...$marks),
    )->toBe($standing);
})->with([
    'extra credit makes up for what is lost' => [
        [],
        [Sample::enter(1, 'rear-1'), Sample::enter(2, 'cab')],
        Standing::Open,
    ],
    'extra credit of a place that is left does not' => [
        [],
        [Sample::enter(1, 'cab'), Sample::enter(2, 'rear-1')],
        Standing::Failed,
    ],
    'a defect to be noticed makes up for it' => [
        ['defects' => ['noticed' => 'bonus']],
        [Sample::enter(1, 'cab'), Sample::enter(2, 'rear-1')],
        Standing::Open,
    ],
    'a reference made in time goes on giving' => [
        ['carry_over' => ['scopes' => ['tandem']], 'returns' => 'place'],
        [
            Sample::enter(1, 'rear-1'),
            Sample::points(2, 'wheel.rim@drive-1', Pasada\Core\Catalogue\Point::Mounted),
            Sample::enter(3, 'rear-2'),
            Sample::carry(4, 'rear-2', 'drive-1'),
            Sample::enter(5, 'bench'),
        ],
        Standing::Open,
    ],
    'a test that can be begun again' => [
        ['brake_tests' => ['section' => 'tests', 'restarts' => 1]],
        [Sample::enter(1, 'bench'), Sample::enter(2, 'rear-1'), Sample::enter(3, 'bench')],
        Standing::Open,
    ],
    'a test that cannot, and no more extra credit' => [
        ['brake_tests' => ['section' => 'tests']],
        [Sample::enter(1, 'bench'), Sample::enter(2, 'cab'), Sample::enter(3, 'rear-1')],
        Standing::Failed,
    ],
]);

it('calls nothing reachable any more once the walk is finished', function (string $pass): void {
    $sheet = Sample::sheetOf(
        smallList([
            'pass' => [$pass => $pass === 'overall_percent' ? 80 : 0, 'out_of_place_allowed' => 0, 'note' => 'x'],
        ]),
        null,
        Sample::whole(1, 'cab.wipers'),
        Sample::finish(2),
    );

    expect(array_filter($sheet->verdict->checks, static fn (PassCheck $check): bool => $check->reachable))->toBe([]);
})->with(['overall_percent', 'misses_allowed', 'section_misses_allowed']);
