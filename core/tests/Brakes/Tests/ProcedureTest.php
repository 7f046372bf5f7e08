<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\StepInstructions;
use Pasada\Core\Brakes\StepSetting;
use Pasada\Core\Brakes\TestKind;
use Pasada\Core\Vehicle\BrakeSystem;

it('tells of every brake test what is done in it, in events that a bench can note', function (BrakeTest $test): void {
    foreach ($test->procedure()->observed() as $key) {
        [$kind, $to] = explode(':', $key);
        $states = EventKind::from($kind)->states();

        expect($states === [] ? $to === '' : in_array($to, $states, true))->toBeTrue("$key is no event of a bench");
    }

    expect($test->procedure()->observed())->not->toBe([]);
})->with(BrakeTest::cases());

it('has limits, settings and words for every brake test that fit together', function (BrakeTest $test): void {
    $procedure = $test->procedure();
    $usual = $procedure->usual(true);

    expect($usual->test)->toBe($test)
        ->and(array_map(StepSetting::from(...), array_keys($procedure->settings())))->not->toContain(null)
        ->and($usual->limits->areSet())->toBe($procedure->settings() !== [])
        ->and($procedure->spokenOf() === null || @preg_match($procedure->spokenOf(), '') !== false)->toBeTrue()
        ->and(StepInstructions::of($usual, true)[0])->toBe($procedure->kind()->caution());
})->with(BrakeTest::cases());

it('asks of a vehicle only what it can be asked', function (BrakedVehicle $vehicle, array $not): void {
    $asked = array_filter(BrakeTest::cases(), static fn (BrakeTest $test): bool => ! $vehicle->canBeAsked($test));

    expect(array_values($asked))->toBe($not);
})->with([
    'a combination' => [new BrakedVehicle, [BrakeTest::PedalHold, BrakeTest::ParkBrake]],
    'without a hand valve' => [
        new BrakedVehicle(hasHandValve: false),
        [BrakeTest::TugHand, BrakeTest::PedalHold, BrakeTest::ParkBrake],
    ],
    'a single vehicle' => [
        new BrakedVehicle(false),
        [BrakeTest::TugTrailer, BrakeTest::TugHand, BrakeTest::PedalHold, BrakeTest::ParkBrake],
    ],
    'hydraulic brakes' => [
        new BrakedVehicle(false, false, system: BrakeSystem::Hydraulic),
        [
            BrakeTest::CutOut, BrakeTest::CutIn, BrakeTest::BuildUp, BrakeTest::LeakApplied, BrakeTest::LeakReleased,
            BrakeTest::LowAir, BrakeTest::SpringPop, BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand,
        ],
    ],
    'air over hydraulic brakes' => [
        new BrakedVehicle(false, false, system: BrakeSystem::AirOverHydraulic),
        [
            BrakeTest::LeakApplied, BrakeTest::LeakReleased, BrakeTest::SpringPop, BrakeTest::TugTractor,
            BrakeTest::TugTrailer, BrakeTest::TugHand,
        ],
    ],
]);

it('knows which components are tugs and which are leak tests', function (TestKind $kind, array $components): void {
    expect(BrakeTest::componentsOf($kind))->toBe($components);
})->with([
    [TestKind::Tug, ['test.park_tractor', 'test.park_trailer', 'test.trailer_service', 'test.park_brake']],
    [TestKind::Leak, ['test.leak_applied']],
    [TestKind::Stop, ['test.service_brake']],
]);
