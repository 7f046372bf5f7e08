<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Progress\Yard\PlannedWalk;
use Pasada\Core\Progress\Yard\YardPlan;
use Pasada\Core\Progress\Yard\YardPlanner;
use Pasada\Core\Progress\Yard\YardReader;
use Pasada\Core\Progress\Yard\YardWriter;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * @param  array<string, mixed>  $with
 * @return array<string, mixed> four hours of one morning, two who teach, two vehicles
 */
function weekOf(array $with = []): array
{
    return $with + [
        'slots' => array_map(static fn (int $hour): array => [
            'id' => 's'.$hour, 'from' => sprintf('2026-12-01T%02d:00', $hour), 'minutes' => 60,
        ], [8, 9, 10, 11]),
        'instructors' => [['id' => 'rosa'], ['id' => 'anton', 'teaches' => ['truck']]],
        'vehicles' => [['id' => 'tractor'], ['id' => 'truck']],
        'students' => [],
    ];
}

/** @param  array<string, mixed>  $week */
function planOf(array $week): YardPlan
{
    return (new YardPlanner)->plan((new YardReader)->read((string) json_encode($week)));
}

/** A week drawn by lot, with more students than slots. */
function drawnWeek(int $seed, int $students, int $days): array
{
    $by = new Randomizer(new Mt19937($seed));
    $slots = [];
    for ($day = 0; $day < $days; $day++) {
        for ($hour = 8; $hour < 16; $hour++) {
            $slots[] = [
                'id' => 'd'.$day.'h'.$hour, 'from' => sprintf('2026-12-%02dT%02d:00', 1 + $day, $hour), 'minutes' => 60,
            ];
        }
    }
    $made = [];
    for ($n = 0; $n < $students; $n++) {
        $made[] = [
            'id' => 'p'.$n, 'chance' => $by->getInt(5, 95) / 100, 'gain' => $by->getInt(1, 15) / 100,
            'exam_on' => sprintf('2026-12-%02d', $by->getInt(1, 20)),
            'vehicles' => [['tractor'], ['truck'], ['tractor', 'truck']][$by->getInt(0, 2)],
            'free' => array_column(array_filter($slots, static fn (): bool => $by->getInt(0, 2) > 0), 'id'),
        ];
    }

    return weekOf(['slots' => $slots, 'students' => $made]);
}

it('gives the slot to whoever gains most', function (): void {
    $plan = planOf(weekOf([
        'slots' => [['id' => 's8', 'from' => '2026-12-01T08:00']],
        'vehicles' => [['id' => 'tractor']],
        'instructors' => [['id' => 'rosa'], ['id' => 'anton']],
        'students' => [
            ['id' => 'first', 'chance' => 0.5, 'gain' => 0.02], ['id' => 'most', 'chance' => 0.5, 'gain' => 0.09],
        ],
    ]));

    expect(array_column($plan->walks, 'student'))->toBe(['most']);
});

it('lets nobody walk on the day of the exam or after it', function (string $exam, int $walks): void {
    $plan = planOf(weekOf(['students' => [['id' => 'one', 'chance' => 0.5, 'gain' => 0.1, 'exam_on' => $exam]]]));

    expect($plan->walks)->toHaveCount($walks);
})->with([['2026-12-01', 0], ['2026-11-20', 0], ['2026-12-02', 1]]);

it('has who may teach only the truck teach it, so that the other is free for the tractor', function (): void {
    $plan = planOf(weekOf([
        'slots' => [['id' => 's8', 'from' => '2026-12-01T08:00']],
        'students' => [
            ['id' => 'a', 'chance' => 0.5, 'gain' => 0.1, 'vehicles' => ['truck']],
            ['id' => 'b', 'chance' => 0.5, 'gain' => 0.05, 'vehicles' => ['tractor']],
        ],
    ]));

    expect(array_map(static fn (PlannedWalk $one): array => [$one->student, $one->instructor], $plan->walks))
        ->toBe([['b', 'rosa'], ['a', 'anton']]);
});

it('keeps what was set by hand, and plans around it', function (): void {
    $plan = planOf(weekOf([
        'slots' => [['id' => 's8', 'from' => '2026-12-01T08:00']],
        'students' => [['id' => 'a', 'chance' => 0.9, 'gain' => 0.01], ['id' => 'b', 'chance' => 0.5, 'gain' => 0.1]],
        'fixed' => [['slot' => 's8', 'student' => 'a', 'vehicle' => 'tractor', 'instructor' => 'rosa']],
    ]));
    $walks = array_map(
        static fn (PlannedWalk $one): array => [$one->student, $one->vehicle, $one->isFixed], $plan->walks,
    );

    expect($walks)->toBe([['a', 'tractor', true], ['b', 'truck', false]]);
});

it('keeps every constraint, and is never worse than first come', function (int $seed): void {
    $week = (new YardReader)->read((string) json_encode(drawnWeek($seed, 24, 2)));
    $planner = new YardPlanner;
    $plan = $planner->plan($week);
    $taken = $days = [];
    foreach ($plan->walks as $walk) {
        $slot = $week->slots[$walk->slot];
        expect($week->learners[$walk->student]->canWalk($slot, $walk->vehicle))->toBeTrue()
            ->and($week->instructors[$walk->instructor]->teaches($walk->vehicle))->toBeTrue();
        foreach (['i'.$walk->instructor, 'v'.$walk->vehicle, 's'.$walk->student] as $one) {
            expect(isset($taken[$walk->slot.$one]))->toBeFalse();
            $taken[$walk->slot.$one] = true;
        }
        $days[$walk->student.$slot->day()] = ($days[$walk->student.$slot->day()] ?? 0) + 1;
    }

    expect(max([0, ...$days]))->toBeLessThanOrEqual(1)
        ->and($plan->expectedPasses())->toBeGreaterThanOrEqual($planner->firstCome($week)->expectedPasses());
})->with(range(1, 8));

it('gives the same plan for the same week', function (): void {
    expect(planOf(drawnWeek(3, 25, 2)))->toEqual(planOf(drawnWeek(3, 25, 2)));
});

it('has no two walks at times that overlap with one vehicle or one instructor', function (): void {
    $plan = planOf(weekOf([
        'slots' => [
            ['id' => 'a', 'from' => '2026-12-01T08:00', 'minutes' => 60],
            ['id' => 'b', 'from' => '2026-12-01T08:30', 'minutes' => 60],
        ],
        'vehicles' => [['id' => 'tractor']],
        'instructors' => [['id' => 'rosa'], ['id' => 'anton']],
        'students' => [['id' => 'x', 'chance' => 0.5, 'gain' => 0.1], ['id' => 'y', 'chance' => 0.5, 'gain' => 0.1]],
    ]));

    expect($plan->walks)->toHaveCount(1);
});

it('keeps to its published schemas, and says why or why not', function (): void {
    $week = drawnWeek(5, 40, 1);
    $plan = planOf($week);
    $written = YardWriter::write($plan, (new YardPlanner)->firstCome($plan->week));
    foreach (['yard-week' => $week, 'yard-plan' => $written] as $schema => $document) {
        $text = (string) file_get_contents(dirname(__DIR__, 3).'/schemas/'.$schema.'.schema.json');
        $checked = (new Validator)->validate(json_decode((string) json_encode($document)), json_decode($text));
        expect($checked->isValid())->toBeTrue($schema);
    }

    expect($written['unplaced'])->not->toBe([])
        ->and($written['walks'][0]['why'])->toContain('in 100 to a chance of');
});

it('names the place of a fault in a week and the remedy', function (array $with, string $expected): void {
    $faults = [];
    try {
        planOf(weekOf($with));
    } catch (DocumentHasFaults $caught) {
        $faults = array_map(static fn (Fault $fault): string => (string) $fault, $caught->faults);
    }

    expect($faults)->toContain($expected);
})->with([
    'no time' => [
        ['slots' => [['id' => 'a', 'from' => 'Monday']]],
        'slots[0].from: "Monday" is no time; write it as 2026-12-01T08:00, by the clock of the school',
    ],
    'a slot twice' => [
        ['slots' => [['id' => 'a', 'from' => '2026-12-01T08:00'], ['id' => 'a', 'from' => '2026-12-01T09:00']]],
        'slots[1].id: "a" is listed twice; leave one of them out',
    ],
    'a vehicle that is not there' => [
        ['students' => [['id' => 'a', 'vehicles' => ['tank']]]],
        'students[0].vehicles: number 1, "tank", is no vehicle of this week',
    ],
    'a chance over one' => [
        ['students' => [['id' => 'a', 'chance' => 71]]], 'students[0].chance: asks for a share from 0 to 1, as 0.6',
    ],
    'no day' => [
        ['students' => [['id' => 'a', 'exam_on' => 'Friday']]],
        'students[0].exam_on: "Friday" is no day; write it as 2026-12-04',
    ],
    'an instructor who may not' => [
        [
            'students' => [['id' => 'a']],
            'fixed' => [['slot' => 's8', 'student' => 'a', 'vehicle' => 'tractor', 'instructor' => 'anton']],
        ],
        'fixed[0]: cannot be: the instructor is not there, is taken, or may not teach this',
    ],
]);
