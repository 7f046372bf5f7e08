<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirPractice;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Vehicle\VehicleReader;

function shipped(string $id): BrakedVehicle
{
    return BrakedVehicle::of(
        (new VehicleReader())->read((string) file_get_contents(__DIR__."/../../../vehicles/$id.json")),
    );
}

it('knows what each shipped vehicle has', function (
    string $id, bool $combination, bool $hasHandValve, bool $isManual,
): void {
    $vehicle = shipped($id);
    expect([$vehicle->combination, $vehicle->hasHandValve, $vehicle->isManual])->toBe([
        $combination,
        $hasHandValve,
        $isManual,
    ]);
})->with([
    ['dock-tractor-chassis', true, true, true],
    ['stake-truck', false, false, false],
    ['ferry-bus', false, false, false],
]);

it('lets the vehicle\'s own limit win over the checklist\'s and the usual one', function (
    string $id, BrakeTest $test, ?float $low, ?float $high,
): void {
    $rule = shipped($id)->rule(new StepChoice($test, new Limits(100, 140)));
    expect([$rule->limits->low, $rule->limits->high])->toBe([$low, $high]);
})->with([
    'own' => ['quay-sleeper-van', BrakeTest::CutOut, 110.0, 125.0],
    'another own' => ['frost-reefer', BrakeTest::CutOut, 115.0, 130.0],
    'of the checklist' => ['dock-tractor-chassis', BrakeTest::CutOut, 100.0, 140.0],
    'cut-in is no figure of the vehicle' => ['quay-sleeper-van', BrakeTest::CutIn, 100.0, 140.0],
]);

it('asks a vehicle nothing that it has not', function (string $id, array $asked): void {
    $sequence = new Sequence(
        array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), BrakeTest::cases()),
        0,
    );
    $left = array_diff(
        array_map(static fn (BrakeTest $test): string => $test->value, BrakeTest::cases()),
        array_map(static fn ($rule): string => $rule->test->value, $sequence->rules(shipped($id))),
    );
    expect(array_values($left))->toBe($asked);
})->with([
    ['dock-tractor-chassis', ['pedal-hold', 'park-brake']],
    ['stake-truck', ['tug-trailer', 'tug-hand', 'pedal-hold', 'park-brake']],
    [
        'crate-box-truck',
        [
            'cut-out', 'cut-in', 'build-up', 'leak-applied', 'leak-released', 'low-air', 'spring-pop', 'tug-tractor',
            'tug-trailer', 'tug-hand',
        ],
    ],
    [
        'gull-school-bus',
        ['leak-applied', 'leak-released', 'spring-pop', 'tug-tractor', 'tug-trailer', 'tug-hand'],
    ],
]);

it('has a sound governor on every vehicle, by that vehicle\'s own limits', function (string $id): void {
    $vehicle = shipped($id);
    $controls = [
        new BrakeEvent(0, EventKind::Key, 'on'), new BrakeEvent(0, EventKind::Clutch, 'down'),
        new BrakeEvent(0, EventKind::Engine, 'on'), new BrakeEvent(0, EventKind::Rpm, '', 900.0),
    ];
    for ($n = 0; $n < 40; $n++) {
        $controls[] = new BrakeEvent(200_000 + $n * 2000, EventKind::Pedal, $n % 2 === 0 ? 'down' : 'up');
    }
    $judged = (new Judge(
        new Sequence([new StepChoice(BrakeTest::CutOut), new StepChoice(BrakeTest::CutIn)], 0),
        $vehicle,
    ))->judge((new AirPractice($vehicle, new AirFaults(), 60))->observed($controls));

    expect(
        array_map(static fn ($step): string => $step->outcome->value.': '.$step->what, $judged->steps),
    )->each->toStartWith('met');
})->with(['dock-tractor-chassis', 'quay-sleeper-van', 'frost-reefer', 'stake-truck', 'ferry-bus']);
