<?php

declare(strict_types=1);

use Pasada\Core\Brakes\AirFaults;
use Pasada\Core\Brakes\AirMakeup;
use Pasada\Core\Brakes\AirPractice;
use Pasada\Core\Brakes\BrakeEvent;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\EventKind;
use Pasada\Core\Brakes\Judge;
use Pasada\Core\Brakes\Judgement;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;

const ALL_TESTS = [BrakeTest::CutOut, BrakeTest::LeakApplied, BrakeTest::LowAir, BrakeTest::SpringPop, BrakeTest::BuildUp, BrakeTest::TugTractor, BrakeTest::TugTrailer, BrakeTest::TugHand, BrakeTest::Service];

/** A student who does every test right on a truck with these faults. */
function practised(string $faults): Judgement
{
    $controls = [];
    $at = 0;
    $do = function (EventKind $kind, string $to = '', int $afterMs = 1000, ?float $value = null) use (&$controls, &$at): void {
        $at += $afterMs;
        $controls[] = new BrakeEvent($at, $kind, $to, $value);
    };
    foreach ([[EventKind::Chocks, 'in'], [EventKind::Engine, 'on'], [EventKind::TractorValve, 'in'], [EventKind::TrailerValve, 'in']] as [$kind, $to]) {
        $do($kind, $to);
    }
    $do(EventKind::Rpm, '', 1000, 1200.0);
    // Long enough for any governor that cuts out at all.
    $do(EventKind::Engine, 'off', 400_000);
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
    $observed = (new AirPractice(new AirMakeup, AirFaults::read($faults), 60))->observed($controls);

    return (new Judge(new Sequence(array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), ALL_TESTS), 0), true, true))->judge($observed);
}

/** @return list<string> tests that are not met */
function unmet(Judgement $judged): array
{
    return array_values(array_map(static fn ($step): string => $step->test->value, array_filter($judged->steps, static fn ($step): bool => $step->outcome->value !== 'met')));
}

it('passes a student who does everything right on a sound truck', function (): void {
    expect(unmet(practised('')))->toBe([]);
});

it('finds every fault by the test that should find it and by no other', function (string $faults, array $found): void {
    expect(unmet(practised($faults)))->toBe($found);
})->with([
    ['leak:applied:14', ['leak-applied']],
    ['governor-low', ['cut-out']],
    ['governor-high', ['cut-out']],
    ['no-warning', ['low-air']],
    ['valve-early', ['spring-pop']],
    ['valve-late', ['spring-pop']],
    ['valve-stuck', ['spring-pop']],
    ['compressor-weak', ['build-up']],
    ['tractor-brake-slips', ['tug-tractor']],
    ['service-pulls', ['service']],
]);
