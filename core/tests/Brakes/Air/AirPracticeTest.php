<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirPractice;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;

/** In the order in which they are asked here. */
const ALL_TESTS = [
    BrakeTest::CutOut, BrakeTest::CutIn, BrakeTest::LeakApplied, BrakeTest::LowAir, BrakeTest::SpringPop,
    BrakeTest::BuildUp, BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand, BrakeTest::Service,
];

/** A student who does every test right on a truck with these faults. */
function practiced(string $faults): Judgment
{
    $controls = [];
    $at = 0;
    $do = function (EventKind $kind, string $to = '', int $afterMs = 1000, ?float $value = null) use (
        &$controls,
        &$at,
    ): void {
        $at += $afterMs;
        $controls[] = new BrakeEvent($at, $kind, $to, $value);
    };
    foreach (
        [
            [EventKind::Chocks, 'in'], [EventKind::Key, 'on'], [EventKind::Engine, 'on'],
            [EventKind::TractorValve, 'in'], [EventKind::TrailerValve, 'in'],
        ] as [$kind, $to]
    ) {
        $do($kind, $to);
    }
    $do(EventKind::Rpm, '', 1000, 1200.0);
    // Long enough for any governor that cuts out at all.
    $at += 400_000;
    // Engine running, down to where it cuts in, and up again.
    for ($n = 0; $n < 9; $n++) {
        $do(EventKind::Pedal, 'down', 1000);
        $do(EventKind::Pedal, 'up', 1000);
    }
    $do(EventKind::Engine, 'off', 120_000);
    $do(EventKind::Key, 'on');
    $do(EventKind::Pedal, 'down');
    $do(EventKind::Said, 'start-reading', 6000);
    $do(EventKind::MinuteStarted);
    $do(EventKind::MinuteEnded, '', 60_000);
    $do(EventKind::Said, 'end-reading');
    $do(EventKind::Pedal, 'up');
    for ($n = 0; $n < 65; $n++) {
        $do(EventKind::Pedal, 'down', 1500);
        $do(EventKind::Pedal, 'up', 1500);
    }
    $do(EventKind::Engine, 'on', 3000);
    $do(EventKind::Rpm, '', 1000, 900.0);
    $do(EventKind::Chocks, 'out', 400_000);
    $do(EventKind::Belt, 'on');
    $do(EventKind::Said, 'area-clear');
    $do(EventKind::Gear, 'low');
    foreach ([['out', 'in', 'off'], ['in', 'out', 'off'], ['in', 'in', 'on']] as [$tractor, $trailer, $hand]) {
        $do(EventKind::TractorValve, $tractor);
        $do(EventKind::TrailerValve, $trailer);
        $do(EventKind::HandValve, $hand);
        $do(EventKind::Tug, 'held');
    }
    $do(EventKind::HandValve, 'off');
    $do(EventKind::Rolling, '', 1000, 5.0);
    $do(EventKind::Pedal, 'down');
    $do(EventKind::Stopped, 'straight', 2000);
    $observed = (new AirPractice(new BrakedVehicle, AirFaults::read($faults), 60))->observed($controls);

    return (new Judge(
        new Sequence(array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), ALL_TESTS), 0),
        new BrakedVehicle(),
    ))->judge($observed);
}

/** @return list<string> tests that are not met */
function unmet(Judgment $judged): array
{
    return array_values(
        array_map(
            static fn ($step): string => $step->test->value,
            array_filter($judged->steps, static fn ($step): bool => $step->outcome->value !== 'met'),
        ),
    );
}

it('passes a student who does everything right on a sound truck', function (): void {
    expect(unmet(practiced('')))->toBe([]);
});

it('finds every fault by the test that should find it and by no other', function (string $faults, array $found): void {
    expect(unmet(practiced($faults)))->toBe($found);
})->with([
    ['leak:applied:14', ['leak-applied']],
    ['leak:primary:9', ['leak-applied']],
    ['leak:secondary:9', ['leak-applied']],
    'and pressure never comes back, so that no valve stays in for what follows' => [
        'governor-stuck',
        ['cut-in', 'build-up', 'tug-tractor', 'tug-trailer', 'tug-hand', 'service'],
    ],
    'both ends of one governor' => ['governor-low', ['cut-out', 'cut-in']],
    ['governor-high', ['cut-out']],
    ['no-warning', ['low-air']],
    ['valve-early', ['spring-pop']],
    ['valve-late', ['spring-pop']],
    ['valve-stuck', ['spring-pop']],
    ['compressor-weak', ['build-up']],
    ['tractor-brake-slips', ['tug-tractor']],
    ['service-pulls', ['service']],
]);

it('does not do what a cab would not do, and says why', function (
    array $controls,
    bool $isManual,
    array $refused,
): void {
    $events = array_map(static fn (array $one): BrakeEvent => new BrakeEvent(1000, $one[0], $one[1]), $controls);
    expect((new AirPractice(new BrakedVehicle(isManual: $isManual), new AirFaults(), 60))->refused($events))->toBe(
        $refused,
    );
})->with([
    'no key' => [[[EventKind::Engine, 'on']], false, [0 => 'The engine does not turn: key on first.']],
    'in gear' => [
        [[EventKind::Key, 'on'], [EventKind::Gear, 'low'], [EventKind::Engine, 'on']],
        false,
        [2 => 'The engine does not turn: neutral first.'],
    ],
    'clutch up' => [
        [[EventKind::Key, 'on'], [EventKind::Engine, 'on']],
        true,
        [1 => 'The engine does not turn: clutch down first.'],
    ],
    'clutch down' => [[[EventKind::Key, 'on'], [EventKind::Clutch, 'down'], [EventKind::Engine, 'on']], true, []],
    'no clutch to press' => [[[EventKind::Key, 'on'], [EventKind::Engine, 'on']], false, []],
    'a tug with the engine off' => [
        [[EventKind::Gear, 'low'], [EventKind::Tug, 'held']],
        false,
        [1 => 'Nothing pulls: the engine is off.'],
    ],
    'a tug in neutral' => [
        [[EventKind::Key, 'on'], [EventKind::Engine, 'on'], [EventKind::Tug, 'held']],
        false,
        [2 => 'Nothing pulls: it is in neutral.'],
    ],
    'what follows a refusal stands on what was' => [
        [[EventKind::Engine, 'on'], [EventKind::Gear, 'low'], [EventKind::Tug, 'held']],
        false,
        [0 => 'The engine does not turn: key on first.', 2 => 'Nothing pulls: the engine is off.'],
    ],
]);

it('builds pressure no sooner than the engine it refused turns', function (): void {
    $practice = new AirPractice(new BrakedVehicle, new AirFaults, 60);
    $refused = $practice->course([new BrakeEvent(0, EventKind::Engine, 'on')], 20_000, 1000);
    $turning = $practice->course(
        [new BrakeEvent(0, EventKind::Key, 'on'), new BrakeEvent(0, EventKind::Engine, 'on')],
        20_000,
        1000,
    );

    expect($refused->at(20_000)->primary)->toBe(60.0)->and($turning->at(20_000)->primary)->toBeGreaterThan(62.0);
});

it('takes nothing for a control that only the system tells', function (EventKind $kind, string $to): void {
    $faked = [new BrakeEvent(0, EventKind::Key, 'on'), new BrakeEvent(1000, $kind, $to, 130.0, 130.0)];
    $practice = new AirPractice(new BrakedVehicle(), AirFaults::read('governor-high'), 60);
    $told = array_filter(
        $practice->observed($faked),
        static fn (BrakeEvent $event): bool => $event->kind === $kind && $event->primary === 130.0,
    );

    expect($practice->refused($faked))->toHaveKey(1)->and($told)->toBe([]);
})->with([
    [EventKind::Reading, ''], [EventKind::CutOut, ''], [EventKind::CutIn, ''], [EventKind::Warning, ''],
    [EventKind::Popped, 'both'],
]);

it('tells where the controls stand', function (array $controls, float $startPsi, array $states): void {
    $events = array_map(static fn (array $one): BrakeEvent => new BrakeEvent($one[0], $one[1], $one[2]), $controls);
    $practice = new AirPractice(new BrakedVehicle, new AirFaults, $startPsi);
    $last = $events === [] ? 0 : $events[count($events) - 1]->atMs;

    expect($practice->situation($practice->course($events, $last + 60_000, 1000), $events)->states())->toMatchArray(
        $states,
    );
})->with([
    'to begin with' => [
        [],
        100,
        [
            'key' => 'off',
            'engine' => 'off',
            'gear' => 'neutral',
            'tractor-valve' => 'out',
            'chocks' => 'out',
            'pedal' => 'up',
            'clutch' => 'up',
        ],
    ],
    'with the key goes the engine' => [
        [[0, EventKind::Key, 'on'], [10, EventKind::Engine, 'on'], [500, EventKind::Key, 'off']],
        100,
        ['key' => 'off', 'engine' => 'off'],
    ],
    'what was refused did not happen' => [[[0, EventKind::Engine, 'on']], 100, ['engine' => 'off', 'key' => 'off']],
    'a valve that stays in' => [[[0, EventKind::TractorValve, 'in']], 100, ['tractor-valve' => 'in']],
    'a valve that does not stay in' => [
        [[0, EventKind::TractorValve, 'in'], [3000, EventKind::Belt, 'on']],
        20,
        ['tractor-valve' => 'out', 'belt' => 'on'],
    ],
    'the hand valve and low gear' => [
        [[0, EventKind::HandValve, 'on'], [10, EventKind::Gear, 'low']],
        100,
        ['hand-valve' => 'on', 'gear' => 'low'],
    ],
]);
