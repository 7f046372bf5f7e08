<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\StepVerdict;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Tests\Brakes\Scene;
use Pasada\Core\Vehicle\BrakeSystem;

/** @param  list<array{EventKind, string, int}>  $seen  kind, state, ms after the one before */
function onFluid(BrakeTest $test, array $seen): StepVerdict
{
    $scene = new Scene;
    foreach ($seen as [$kind, $to, $ms]) {
        $scene->then($kind, $to, $kind === EventKind::Rolling ? 5.0 : null, afterMs: $ms);
    }
    $vehicle = new BrakedVehicle(false, false, system: BrakeSystem::Hydraulic);

    return (new Judge(new Sequence([new StepChoice($test)], 0), $vehicle))->judge($scene->events)->steps[0];
}

it('judges a held pedal', function (array $seen, string $outcome, string $what): void {
    $step = onFluid(BrakeTest::PedalHold, $seen);

    expect([$step->outcome->value, $step->what])->toBe([$outcome, $what]);
})->with([
    'nothing' => [[], 'not-done', 'not done'],
    'pumped and not held' => [[[EventKind::Pumped, '', 1000]], 'not-yet', 'the pedal is being held'],
    'firm' => [
        [[EventKind::Pumped, '', 1000], [EventKind::Pedal, 'down', 1000], [EventKind::PedalHeld, 'firm', 5000]],
        'met', 'held for 5 s, firm',
    ],
    'let up too soon' => [
        [[EventKind::Pumped, '', 1000], [EventKind::Pedal, 'down', 1000], [EventKind::PedalHeld, 'firm', 4900]],
        'broken', 'held for 4.9 s, at least 5 asked',
    ],
    'it sank' => [
        [[EventKind::Pumped, '', 1000], [EventKind::Pedal, 'down', 1000], [EventKind::PedalHeld, 'sank', 3000]],
        'broken', 'the pedal sank: fluid is lost, or the master cylinder leaks',
    ],
    'not pumped' => [
        [[EventKind::Pedal, 'down', 1000], [EventKind::PedalHeld, 'firm', 6000]],
        'broken', 'the pedal was not pumped first',
    ],
    'not pressed' => [
        [[EventKind::Pumped, '', 1000], [EventKind::PedalHeld, 'firm', 6000]],
        'broken', 'the pedal was not down',
    ],
]);

it('judges a parking brake that is no valve', function (array $seen, string $outcome, string $what): void {
    $ready = [
        [EventKind::Belt, 'on', 1000], [EventKind::Engine, 'on', 1000], [EventKind::Gear, 'low', 1000],
    ];
    $step = onFluid(BrakeTest::ParkBrake, [...$ready, ...$seen]);

    expect([$step->outcome->value, $step->what])->toBe([$outcome, $what]);
})->with([
    'no tug' => [[[EventKind::ParkingBrake, 'set', 1000]], 'not-done', 'not done'],
    'it holds' => [
        [[EventKind::ParkingBrake, 'set', 1000], [EventKind::Tug, 'held', 1000]],
        'met', 'it did not move',
    ],
    'it moves' => [
        [[EventKind::ParkingBrake, 'set', 1000], [EventKind::Tug, 'moved', 1000]],
        'broken', 'the vehicle moved: this brake does not hold',
    ],
    'released' => [
        [[EventKind::ParkingBrake, 'released', 1000], [EventKind::Tug, 'held', 1000]],
        'broken', 'tugged with the parking brake released: that proves nothing',
    ],
]);

it('asks for a released parking brake where others have valves', function (?string $parked, string $outcome): void {
    $step = onFluid(BrakeTest::Service, [
        [EventKind::Belt, 'on', 1000],
        ...($parked === null ? [] : [[EventKind::ParkingBrake, $parked, 1000]]),
        [EventKind::Said, 'area-clear', 1000], [EventKind::Rolling, '', 1000], [EventKind::Pedal, 'down', 1000],
        [EventKind::Stopped, 'straight', 1000],
    ]);

    expect($step->outcome->value)->toBe($outcome);
})->with([[null, 'met'], ['released', 'met'], ['set', 'broken']]);

it('takes a checklist\'s valves for the parking brake', function (StateNeed $need, array $becomes): void {
    $rule = (new BrakedVehicle(false, false, system: BrakeSystem::Hydraulic))
        ->rule(new StepChoice(BrakeTest::Service, needs: [$need]));

    expect($rule->needs)->toBe($becomes);
})->with([
    [StateNeed::ValvesIn, [StateNeed::ParkingBrakeReleased]],
    [StateNeed::ValvesOut, [StateNeed::ParkingBrakeSet]],
    [StateNeed::HandValveOn, []],
    [StateNeed::BeltOn, [StateNeed::BeltOn]],
]);
