<?php

declare(strict_types=1);

use Pasada\Core\Tests\Sample;

require_once __DIR__.'/readFaults.php';

/**
 * The sample with brake tests of its own.
 *
 * @param  list<string>  $asks
 * @param  array<string, mixed>  $brakes
 * @return list<string> faults
 */
function contradictions(array $asks, array $brakes): array
{
    $document = Sample::ruled(['brake_tests' => ['section' => 'tests', ...$brakes]]);
    foreach ($asks as $id) {
        $document['components'][] = ['id' => $id, 'name' => $id, 'essential' => ['works']];
    }
    $document['sections'][] = [
        'id' => 'tests',
        'name' => 'Brake tests',
        'stops' => [['id' => 'bench', 'name' => 'Bench', 'zone' => 'brakes', 'asks' => $asks]],
    ];

    return readFaults($document);
}

it('refuses brake tests that contradict themselves', function (array $asks, array $brakes, array $faults): void {
    expect(contradictions($asks, $brakes))->toBe($faults);
})->with([
    'all in one order' => [
        ['test.park_tractor', 'test.leak_applied'],
        ['tug' => 'before-leak', 'steps' => [['test' => 'tug-tractor'], ['test' => 'leak-applied']]],
        [],
    ],
    'no steps given' => [['test.leak_applied', 'test.park_tractor'], ['tug' => 'after-leak'], []],
    'asked in another order than the rule' => [
        ['test.leak_applied', 'test.park_tractor'],
        ['tug' => 'before-leak'],
        [
            'rules.brake_tests.tug: is "before-leak", but the tests are asked at its stop in another order; bring '.
                'them into one',
        ],
    ],
    'asked the other way round' => [
        ['test.park_tractor', 'test.leak_applied'],
        ['tug' => 'after-leak'],
        [
            'rules.brake_tests.tug: is "after-leak", but the tests are asked at its stop in another order; bring '.
                'them into one',
        ],
    ],
    'steps against the rule and against what is asked' => [
        ['test.leak_applied', 'test.park_tractor'],
        ['tug' => 'after-leak', 'steps' => [['test' => 'tug-tractor'], ['test' => 'leak-applied']]],
        [
            'rules.brake_tests.tug: is "after-leak", but the tests are listed in "steps" in another order; bring '.
                'them into one',
            'rules.brake_tests.steps[1]: comes after "tug-tractor" here and before it where it is asked; bring both '.
                'into one order',
        ],
    ],
    'steps against what is asked, whatever the tugs' => [
        ['test.low_air', 'test.spring_pop'],
        ['steps' => [['test' => 'spring-pop'], ['test' => 'low-air']]],
        [
            'rules.brake_tests.steps[1]: comes after "spring-pop" here and before it where it is asked; bring both '.
                'into one order',
        ],
    ],
    'asked and left out of the steps' => [
        ['test.low_air', 'test.spring_pop'],
        ['steps' => [['test' => 'low-air']]],
        [
            'rules.brake_tests.steps: leaves out "spring-pop", which is asked as "test.spring_pop"; add it, or do '.
                'not ask it',
        ],
    ],
    'cut-in stands for the governor' => [['test.governor'], ['steps' => [['test' => 'cut-in']]], []],
    'a step that is not asked' => [
        ['test.low_air'],
        ['steps' => [['test' => 'leak-released'], ['test' => 'low-air']]],
        [],
    ],
    'a test twice' => [
        ['test.low_air'],
        ['steps' => [['test' => 'low-air'], ['test' => 'low-air']]],
        ['rules.brake_tests.steps: names a test twice'],
    ],
    'begun again from what is no step' => [
        ['test.low_air'],
        ['steps' => [['test' => 'low-air']], 'restart_from' => 'tug-hand'],
        ['rules.brake_tests.restart_from: "tug-hand" is none of the steps'],
    ],
]);

it('refuses critical items that count for nothing', function (array $change, array $pass, array $faults): void {
    $document = Sample::ruled(['pass' => ['overall_percent' => 80, 'note' => 'Set yours.', ...$pass]]);
    $document['components'][0] = [...$document['components'][0], ...$change];

    expect(readFaults($document))->toBe($faults);
})->with([
    'a weight' => [['weight' => 1], ['critical_components' => ['cab.seat_belt']], []],
    'no weight, not critical' => [['weight' => 0], [], []],
    'no weight' => [
        ['weight' => 0],
        ['critical_components' => ['cab.seat_belt']],
        [
            'rules.pass.critical_components[0]: "cab.seat_belt" has the weight 0, so it cannot be critical; give it '.
                'a weight or leave it out',
        ],
    ],
    'extra credit' => [
        ['bonus' => true],
        ['critical_components' => ['cab.seat_belt']],
        [
            'rules.pass.critical_components[0]: "cab.seat_belt" is extra credit, so it cannot be critical; give it a '.
                'weight or leave it out',
        ],
    ],
    'no weight in a critical section' => [
        ['weight' => 0],
        ['critical_sections' => ['cab']],
        [
            'rules.pass.critical_sections: "cab" holds "cab.seat_belt", which has the weight 0 and cannot be '.
                'critical; give it a weight or ask it elsewhere',
        ],
    ],
]);

it('reads marks of single sections', function (array $pass, array $faults): void {
    expect(readFaults(Sample::ruled(['pass' => ['note' => 'Set yours.', ...$pass]])))->toBe($faults);
})->with([
    'a share and misses' => [['sections' => ['cab' => ['percent' => 90, 'misses_allowed' => 0]]], []],
    'misses of every section alone' => [['section_misses_allowed' => 3], []],
    'an unknown section' => [
        ['sections' => ['cabin' => ['percent' => 90]]],
        ['rules.pass.sections.cabin: "cabin" is not among the sections'],
    ],
    'a section without a mark' => [
        ['sections' => ['cab' => []]],
        ['rules.pass.sections.cab: asks for at least one of percent, misses_allowed'],
    ],
    'a share of 180 %' => [
        ['sections' => ['cab' => ['percent' => 180]]],
        ['rules.pass.sections.cab.percent: asks for a whole number from 1 to 100'],
    ],
    'nothing to pass by' => [
        ['sections_out_of_place_allowed' => 1],
        [
            'rules.pass: asks for at least one of overall_percent, section_percent, misses_allowed, '.
                'section_misses_allowed, sections',
        ],
    ],
]);

it('still reads one that was put in force before, so that its attempts stay readable', function (): void {
    $document = Sample::ruled([
        'brake_tests' => ['section' => 'cab', 'steps' => [['test' => 'spring-pop', 'low' => 90, 'high' => 45]]],
        'pass' => ['overall_percent' => 80, 'critical_components' => ['cab.seat_belt'], 'note' => 'x'],
    ]);
    $document['components'][0]['weight'] = 0;
    $json = (string) json_encode($document);

    expect(readFaults($document))
        ->toHaveCount(2)
        ->and(
            (new Pasada\Core\Checklist\Reading\ChecklistReader())->readKept($json)->rules->brakes?->steps[0]->limits
                ->low,
        )
        ->toBe(90.0);
});
