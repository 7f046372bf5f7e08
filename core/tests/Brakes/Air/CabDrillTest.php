<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirPractice;
use Pasada\Core\Brakes\Air\CabDrill;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;

function wholeSequence(): Sequence
{
    return new Sequence(
        array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), BrakeTest::cases()),
        1,
        BrakeTest::LowAir,
    );
}

/** What somebody does right in a drill after its start: kind, state, ms after the one before, figure. */
function doneRight(CabDrill $drill, BrakedVehicle $vehicle): array
{
    $pump = static fn (int $times): array => array_merge(
        ...array_fill(0, $times, [[EventKind::Pedal, 'down', 1500], [EventKind::Pedal, 'up', 1500]]),
    );
    $minute = [
        [EventKind::Said, 'start-reading', 6000], [EventKind::MinuteStarted, '', 1000],
        [EventKind::MinuteEnded, '', 60_000], [EventKind::Said, 'end-reading', 1000],
    ];
    $tugs = [
        BrakeTest::TugTractor->value => ['out', 'in', 'off'],
        BrakeTest::TugTrailer->value => ['in', 'out', 'off'],
        BrakeTest::TugHand->value => ['in', 'in', 'on'],
    ];
    $asked = array_column(array_column($drill->of(wholeSequence())->rules($vehicle), 'test'), 'value');

    return match ($drill) {
        CabDrill::Governor, CabDrill::BuildUp => [
            [EventKind::Key, 'on', 1000], [EventKind::Clutch, 'down', 500], [EventKind::Engine, 'on', 1000],
            [EventKind::TractorValve, 'in', 500], [EventKind::TrailerValve, 'in', 500],
            [EventKind::Rpm, '', 500, 1200.0], [EventKind::Pedal, 'down', 400_000], [EventKind::Pedal, 'up', 1000],
            ...$pump(8), [EventKind::Gear, 'neutral', 120_000],
        ],
        CabDrill::LeakMinute => [
            [EventKind::Pedal, 'down', 5000], ...$minute, [EventKind::Pedal, 'up', 500], ...$minute,
        ],
        CabDrill::Fanning => $pump(80),
        CabDrill::Tugs => [
            [EventKind::Chocks, 'out', 5000], [EventKind::Belt, 'on', 500], [EventKind::Said, 'area-clear', 500],
            [EventKind::Gear, 'low', 500],
            ...array_merge(...array_map(
                static fn (array $as): array => [
                    [EventKind::TractorValve, $as[0], 500], [EventKind::TrailerValve, $as[1], 500],
                    [EventKind::HandValve, $as[2], 500], [EventKind::Tug, 'held', 1000],
                ],
                array_values(array_intersect_key($tugs, array_flip($asked))),
            )),
            [EventKind::TractorValve, 'in', 500], [EventKind::HandValve, 'off', 500],
            [EventKind::Rolling, '', 2000, 5.0], [EventKind::Pedal, 'down', 1000],
            [EventKind::Stopped, 'straight', 2000],
        ],
    };
}

function drilled(CabDrill $drill, BrakedVehicle $vehicle, string $faults = ''): Judgment
{
    $controls = $drill->begin($vehicle);
    $at = 0;
    foreach (doneRight($drill, $vehicle) as $one) {
        $at += $one[2];
        $isTrailer = in_array($one[0], [EventKind::TrailerValve, EventKind::HandValve], true);
        if (! $isTrailer || $vehicle->combination) {
            $controls[] = new BrakeEvent($at, $one[0], $one[1], $one[3] ?? null);
        }
    }
    $practice = new AirPractice($vehicle, AirFaults::read($faults), $drill->startPsi());
    expect($practice->refused($controls))->toBe([]);

    return (new Judge($drill->of(wholeSequence()), $vehicle))->judge($practice->observed($controls));
}

it('is passed by whoever does its tests right, whatever the truck', function (
    CabDrill $drill,
    BrakedVehicle $vehicle,
): void {
    $judged = drilled($drill, $vehicle);

    expect($judged->findings())->toBe([])->and($judged->procedure())->toBe(Standing::Passed)
        ->and($judged->steps)->not->toBe([]);
})->with(CabDrill::cases())->with([
    'a combination' => [new BrakedVehicle()],
    'with a clutch' => [new BrakedVehicle(isManual: true)],
    'a truck alone' => [new BrakedVehicle(combination: false, hasHandValve: false)],
]);

it('shows a fault of its own tests', function (CabDrill $drill, string $fault): void {
    expect(drilled($drill, new BrakedVehicle(), $fault)->findings())->not->toBe([]);
})->with([
    [CabDrill::Governor, 'governor-high'],
    [CabDrill::LeakMinute, 'leak:applied:14'],
    [CabDrill::Fanning, 'no-warning'],
    [CabDrill::Tugs, 'tractor-brake-slips'],
]);

it('leaves every test to one drill', function (): void {
    $in = array_merge(...array_map(
        static fn (CabDrill $drill): array => array_column($drill->of(wholeSequence())->steps, 'test'),
        CabDrill::cases(),
    ));

    // The air cab has valves; what is asked of other brakes cannot be practiced in it.
    expect($in)->toEqualCanonicalizing(array_filter(BrakeTest::cases(), (new BrakedVehicle)->canBeAsked(...)));
});

it('begins again where the sequence does, if that is part of it', function (CabDrill $drill, ?BrakeTest $from): void {
    expect($drill->of(wholeSequence())->restartFrom)->toBe($from);
})->with([[CabDrill::Fanning, BrakeTest::LowAir], [CabDrill::Tugs, null]]);
