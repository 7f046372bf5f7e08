<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Brakes\StepInstructions;
use Pasada\Core\Brakes\StepRule;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Tests\Brakes\Scene;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

require_once __DIR__.'/../Checklist/Reading/readFaults.php';

it('has limits for a combination and for a single vehicle side by side', function (
    bool $combination,
    float $high,
): void {
    $rule = (new BrakedVehicle($combination))->rule(
        new StepChoice(BrakeTest::LeakApplied, limits: new Limits(null, 4.5), singleLimits: new Limits(null, 2.5)),
    );

    expect($rule->limits->high)->toBe($high);
})->with(['combination' => [true, 4.5], 'single vehicle' => [false, 2.5]]);

it('uses the checklist\'s limit for both where it gives one', function (): void {
    expect(
        (new BrakedVehicle(false))->rule(new StepChoice(BrakeTest::LeakApplied, limits: new Limits(null, 4.5)))->limits
            ->high,
    )
        ->toBe(4.5)
        ->and((new BrakedVehicle(false))->rule(new StepChoice(BrakeTest::LeakApplied))->limits->high)
        ->toBe(3.0);
});

/** A shipped vehicle with a figure of its own for where the governor cuts in. */
function cutsInAt(?float $low, ?float $high): BrakedVehicle
{
    $vehicle = json_decode(Sample::shipped('vehicles', 'dock-tractor-chassis'), true);
    assert(is_array($vehicle));
    $vehicle['figures'] = [
        [
            'component' => 'test.governor',
            'point' => 'reading',
            'test' => 'cut-in',
            ...array_filter(['low' => $low, 'high' => $high], is_float(...)),
        ],
    ];

    return BrakedVehicle::of((new VehicleReader)->read((string) json_encode($vehicle)));
}

it('judges where the governor cuts in by the vehicle\'s own figure', function (float $at, string $told): void {
    $events = (new Scene())
        ->then(EventKind::Engine, 'on')
        ->then(EventKind::CutOut, '', 125, 125)
        ->then(EventKind::CutIn, '', $at, $at, 60_000)->events;
    $step = (new Judge(new Sequence([new StepChoice(BrakeTest::CutIn)], 0), cutsInAt(90.0, 95.0)))->judge($events)
        ->steps[0];

    expect($step->outcome->value.': '.$step->what)->toBe($told);
})->with([
    [90.0, 'met: cut in at 90 psi, between 90 and 95 asked'],
    [95.0, 'met: cut in at 95 psi, between 90 and 95 asked'],
    [89.9, 'broken: cut in at 89.9 psi, between 90 and 95 asked'],
    [103.0, 'broken: cut in at 103 psi, between 90 and 95 asked'],
]);

it('leaves the cut-out alone for that, and gives the simulated truck the same governor', function (): void {
    $vehicle = cutsInAt(90.0, 95.0);

    expect([$vehicle->rule(new StepChoice(BrakeTest::CutOut))->limits->low, $vehicle->makeup()->cutInPsi])
        ->toBe([120.0, 92.5])
        ->and(cutsInAt(90.0, null)->makeup()->cutInPsi)
        ->toBe((new BrakedVehicle())->makeup()->cutInPsi);
});

it('holds a step to every state that can be asked for', function (
    StateNeed $need,
    callable $right,
    string $wrong,
): void {
    $outcome = static fn (Scene $scene): string => ($step = $scene
        ->then(EventKind::CutOut, '', 125, 125)
        ->judged([new StepChoice(BrakeTest::CutOut, needs: [$need], leastRpm: 1000)])->steps[0])->outcome->value.
        ': '.
        $step->what;

    expect($outcome($right(new Scene)))->toStartWith('met')->and($outcome(new Scene))->toBe('broken: '.$wrong);
})->with([
    'clutch' => [
        StateNeed::ClutchDown,
        fn (Scene $s): Scene => $s->then(EventKind::Clutch, 'down'),
        'the clutch was not down',
    ],
    'pedal' => [
        StateNeed::PedalDown,
        fn (Scene $s): Scene => $s->then(EventKind::Pedal, 'down'),
        'the pedal was not down',
    ],
    'hand valve' => [
        StateNeed::HandValveOn,
        fn (Scene $s): Scene => $s->then(EventKind::HandValve, 'on'),
        'the hand valve was not on',
    ],
    'engine speed' => [
        StateNeed::Rpm,
        fn (Scene $s): Scene => $s->then(EventKind::Engine, 'on')->then(EventKind::Rpm, '', 1000),
        'the engine was off',
    ],
]);

it('asks for neutral', function (string $gear, string $told): void {
    $step = (new Scene())
        ->then(EventKind::Gear, $gear)
        ->then(EventKind::CutOut, '', 125, 125)
        ->judged([new StepChoice(BrakeTest::CutOut, needs: [StateNeed::Neutral])])->steps[0];

    expect($step->outcome->value.': '.$step->what)->toStartWith($told);
})->with([['neutral', 'met'], ['low', 'broken: not in neutral']]);

it('asks valves out of one valve or of both', function (bool $combination, callable $tell, string $told): void {
    $step = $tell(new Scene())
        ->then(EventKind::CutOut, '', 125, 125)
        ->judged([new StepChoice(BrakeTest::CutOut, needs: [StateNeed::ValvesOut])], $combination)->steps[0];

    expect($step->outcome->value.': '.$step->what)->toStartWith($told);
})->with([
    'both out' => [true, fn (Scene $s): Scene => $s, 'met'],
    'the trailer\'s in' => [
        true,
        fn (Scene $s): Scene => $s->then(EventKind::TrailerValve, 'in'),
        'broken: the trailer valve was still in',
    ],
    'the tractor\'s in' => [
        true,
        fn (Scene $s): Scene => $s->then(EventKind::TractorValve, 'in'),
        'broken: the tractor valve was still in',
    ],
    'a single vehicle has one' => [false, fn (Scene $s): Scene => $s->then(EventKind::TrailerValve, 'in'), 'met'],
]);

it('asks for an engine speed at its limit and outside', function (float $rpm, string $told): void {
    $scene = (new Scene())
        ->then(EventKind::Engine, 'on')
        ->then(EventKind::Rpm, '', $rpm)
        ->then(EventKind::CutOut, '', 125, 125);
    $step = $scene->judged([new StepChoice(BrakeTest::CutOut, needs: [StateNeed::Rpm], leastRpm: 1000)])->steps[0];

    expect($step->outcome->value.': '.$step->what)->toStartWith($told);
})->with([[1000, 'met'], [999, 'broken: the engine turned at 999 rpm, at least 1000 asked'], [1500, 'met']]);

it('takes an engine for idling where nobody noted its speed', function (?float $least, string $outcome): void {
    $step = (new Scene())
        ->then(EventKind::Engine, 'on')
        ->then(EventKind::CutOut, '', 125, 125)
        ->judged([new StepChoice(BrakeTest::CutOut, needs: [StateNeed::Rpm], leastRpm: $least)])->steps[0];

    expect($step->outcome->value)->toBe($outcome);
})->with(['as usual' => [null, 'met'], 'faster' => [900, 'broken']]);

it('times the build-up between the pressures that the checklist sets', function (): void {
    $scene = (new Scene())
        ->then(EventKind::Engine, 'on')
        ->reads(45)
        ->reads(50)
        ->reads(90, afterMs: 40_000)
        ->reads(101, afterMs: 10_000);
    $step = $scene->judged([
        new StepChoice(BrakeTest::BuildUp, limits: new Limits(null, 60), timedPsi: new Limits(50, 90)),
    ])->steps[0];

    expect($step->what)
        ->toBe('50 to 90 psi in 40 s, within 60 asked')
        ->and(
            StepInstructions::of(
                (new BrakedVehicle())->rule(
                    new StepChoice(BrakeTest::BuildUp, timedPsi: new Limits(50, 90), needs: [StateNeed::Rpm]),
                ),
                true,
            ),
        )
        ->toContain('50 to 90 psi by the clock', 'at least 600 rpm');
});

it('accepts as a stated limit what the checklist\'s figure accepts', function (
    string $checklist, BrakeTest $test, float $stated, bool $isRight, bool $combination,
): void {
    $steps = (new ChecklistReader())
        ->read(Sample::shipped('checklists', $checklist))
        ->brakeSequence()
        ->rules(new BrakedVehicle($combination));
    $rule = array_values(array_filter($steps, static fn ($rule): bool => $rule->test === $test))[0];

    expect($rule->acceptsStated($stated))->toBe($isRight);
})->with([
    'warning, taught' => ['whole-walk-round', BrakeTest::LowAir, 55, true, true],
    'warning, accepted' => ['whole-walk-round', BrakeTest::LowAir, 60, true, true],
    'warning, between' => ['whole-walk-round', BrakeTest::LowAir, 58, true, true],
    'warning, under it' => ['whole-walk-round', BrakeTest::LowAir, 54, false, true],
    'warning, over it' => ['whole-walk-round', BrakeTest::LowAir, 61, false, true],
    'warning, set higher by the list' => ['cab-brakes-and-drawn-form', BrakeTest::LowAir, 60, true, true],
    'springs, 40 is in the band' => ['whole-walk-round', BrakeTest::SpringPop, 40, true, true],
    'springs, over it' => ['whole-walk-round', BrakeTest::SpringPop, 46, false, true],
    'springs, 45 where 40 is asked' => ['cab-brakes-and-drawn-form', BrakeTest::SpringPop, 45, true, true],
    'leak of a combination' => ['whole-walk-round', BrakeTest::LeakApplied, 4, true, true],
    'leak, one less' => ['whole-walk-round', BrakeTest::LeakApplied, 3, false, true],
    'leak of a single vehicle' => ['whole-walk-round', BrakeTest::LeakApplied, 3, true, false],
    'leak of a single vehicle, the other\'s figure' => ['whole-walk-round', BrakeTest::LeakApplied, 4, false, false],
    'cut-out, the wider band' => ['whole-walk-round', BrakeTest::CutOut, 110, true, true],
    'cut-out, outside' => ['whole-walk-round', BrakeTest::CutOut, 99, false, true],
]);

it('takes cut-in for a distance or for a pressure, as it is said', function (float $stated, bool $isRight): void {
    expect((new BrakedVehicle)->rule(new StepChoice(BrakeTest::CutIn))->acceptsStated($stated))->toBe($isRight);
})->with([[20, true], [25, true], [26, false], [19, false], [100, true], [94, false], [121, false]]);

it('asks no more of a vehicle\'s own figure than what it says', function (): void {
    $own = BrakedVehicle::of((new VehicleReader())->read(Sample::shipped('vehicles', 'quay-sleeper-van')));
    $steps = (new ChecklistReader())
        ->read(Sample::shipped('checklists', 'whole-walk-round'))
        ->brakeSequence()
        ->rules($own);

    expect([$steps[0]->acceptsStated(110), $steps[0]->acceptsStated(125), $steps[0]->acceptsStated(140)])->toBe([
        true,
        true,
        false,
    ]);
});

it('refuses limits that nothing can meet', function (array $step, array $faults): void {
    $document = Sample::ruled(['brake_tests' => ['section' => 'cab', 'steps' => [$step]]]);

    expect(readFaults($document))->toBe($faults);
})->with([
    'a range turned round' => [
        ['test' => 'spring-pop', 'low' => 90, 'high' => 45],
        ['rules.brake_tests.steps[0].low: is above high'],
    ],
    'of a single vehicle' => [
        ['test' => 'spring-pop', 'single_low' => 90, 'single_high' => 45],
        ['rules.brake_tests.steps[0].single_low: is above single_high'],
    ],
    'a build-up downwards' => [
        ['test' => 'build-up', 'build_from_psi' => 100, 'build_to_psi' => 85],
        ['rules.brake_tests.steps[0].build_from_psi: is above build_to_psi'],
    ],
    'what no gauge shows' => [
        ['test' => 'low-air', 'low' => 900],
        ['rules.brake_tests.steps[0].low: must lie between 0 and 200'],
    ],
    'a minute of half a minute' => [
        ['test' => 'leak-applied', 'slack_seconds' => 30],
        ['rules.brake_tests.steps[0].slack_seconds: must lie between 0 and 15'],
    ],
    'all well' => [['test' => 'spring-pop', 'low' => 20, 'high' => 40, 'single_low' => 15], []],
]);

it('asks the usual figures where a checklist and a vehicle say nothing', function (
    BrakeTest $test, ?float $low, ?float $high, ?float $singleHigh,
): void {
    $of = static fn (bool $combination): StepRule => (new BrakedVehicle($combination))->rule(new StepChoice($test));

    expect([$of(true)->limits->low, $of(true)->limits->high, $of(false)->limits->low, $of(false)->limits->high])->toBe([
        $low, $high, $low, $singleHigh,
    ]);
})->with([
    [BrakeTest::CutOut, 120.0, 140.0, 140.0],
    [BrakeTest::CutIn, 20.0, 25.0, 25.0],
    [BrakeTest::BuildUp, null, 45.0, 45.0],
    [BrakeTest::LeakApplied, null, 4.0, 3.0],
    [BrakeTest::LeakReleased, null, 3.0, 2.0],
    [BrakeTest::LowAir, 55.0, null, null],
    [BrakeTest::SpringPop, 20.0, 45.0, 45.0],
    [BrakeTest::Service, null, null, null],
]);
