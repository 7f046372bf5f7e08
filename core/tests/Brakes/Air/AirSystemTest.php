<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirMakeup;
use Pasada\Core\Brakes\Air\AirSystem;
use Pasada\Core\Brakes\Air\AirTrace;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;

/** @param  list<array{int, EventKind, 2?: string, 3?: float}>  $controls */
function course(
    array $controls, int $untilMs, float $from = 120, string $faults = '', ?AirMakeup $makeup = null,
    float $gridMs = 1.0,
): AirTrace {
    $events = array_map(
        static fn (array $one): BrakeEvent => new BrakeEvent($one[0], $one[1], $one[2] ?? '', $one[3] ?? null),
        $controls,
    );

    return (new AirSystem($makeup ?? new AirMakeup, AirFaults::read($faults), $from, $gridMs))->run($events, $untilMs);
}

/** @return list<array{int, EventKind, 2?: string}> */
function fanning(int $strokes, int $from = 2000): array
{
    $controls = [[0, EventKind::Key, 'on'], [0, EventKind::TractorValve, 'in'], [0, EventKind::TrailerValve, 'in']];
    for ($n = 0; $n < $strokes; $n++) {
        $controls[] = [$from + 3000 * $n, EventKind::Pedal, 'down'];
        $controls[] = [$from + 3000 * $n + 1500, EventKind::Pedal, 'up'];
    }

    return $controls;
}

$released = [[0, EventKind::TractorValve, 'in'], [0, EventKind::TrailerValve, 'in']];

it('builds up as the compressor and the volumes say', function (float $rpm) use ($released): void {
    $makeup = new AirMakeup;
    $course = course([...$released, [0, EventKind::Engine, 'on'], [0, EventKind::Rpm, '', $rpm]], 60_000, 60);
    // By hand: liters of free air a minute, times 14.7 psi, over all liters, is psi a minute.
    $liters = $makeup->supplyLiters + $makeup->primaryLiters + $makeup->secondaryLiters + $makeup->trailerLiters;
    $perMinute = ($rpm * $makeup->litersPerTurn * 14.7) / $liters;
    $all = static fn (int $at): float => ($course->at($at)->supply * $makeup->supplyLiters +
        $course->at($at)->primary * $makeup->primaryLiters +
        $course->at($at)->secondary * $makeup->secondaryLiters +
        $course->at($at)->trailer * $makeup->trailerLiters) /
        $liters;

    expect($all(60_000) - $all(0))->toEqualWithDelta($perMinute, 0.1);
})->with([600, 900, 1200]);

it('times 85 to 100 psi within 45 s at 900 rpm, and not with a weak compressor', function (
    string $faults,
    bool $within,
) use ($released): void {
    $course = course([...$released, [0, EventKind::Engine, 'on'], [0, EventKind::Rpm, '', 900]], 300_000, 70, $faults);
    $when = static fn (float $psi): int => array_values(
        array_filter($course->samples, static fn ($sample): bool => min($sample->primary, $sample->secondary) >= $psi),
    )[0]->atMs;

    expect($when(100) - $when(85) <= 45_000)->toBe($within);
})->with([['', true], ['compressor-weak', false]]);

it('cuts out, and in again when air is used', function (string $faults, ?float $out, ?float $in) use ($released): void {
    $controls = [...$released, [0, EventKind::Engine, 'on'], [0, EventKind::Rpm, '', 1200]];
    for ($n = 0; $n < 20; $n++) {
        $controls[] = [120_000 + 3000 * $n, EventKind::Pedal, 'down'];
        $controls[] = [121_500 + 3000 * $n, EventKind::Pedal, 'up'];
    }
    $course = course($controls, 180_000, 90, $faults);
    $of = static fn (EventKind $kind): ?float => array_values(
        array_filter($course->events, static fn ($event): bool => $event->kind === $kind),
    )[0]->primary ?? null;

    foreach ([[$of(EventKind::CutOut), $out], [$of(EventKind::CutIn), $in]] as [$told, $asked]) {
        $asked === null ? expect($told)->toBeNull() : expect($told)->toEqualWithDelta($asked, 6);
    }
})->with([['', 125, 103], ['governor-low', 105, 83], ['governor-high', 150, 128], ['governor-stuck', 125, null]]);

it('loses by a leak what the leak says, in each place', function (string $place, string $gauge, float $lost): void {
    $course = course([[0, EventKind::Key, 'on']], 60_000, 120, "leak:$place:6", AirMakeup::usual(false));
    expect($course->at(0)->$gauge - $course->at(60_000)->$gauge)->toEqualWithDelta($lost, 0.1);
})->with([
    // By hand: the supply reservoir feeds what leaks behind its check valve, so both lose together.
    ['primary', 'primary', (6 * 42) / (42 + 18)],
    ['secondary', 'secondary', (6 * 30) / (30 + 18)],
    ['supply', 'supply', 6.0],
    ['primary', 'secondary', 0.0],
]);

it('loses by an applied leak only while the pedal is down', function (): void {
    $hold = course([[0, EventKind::Pedal, 'down']], 70_000, 120, 'leak:applied:6');
    $rest = course([], 70_000, 120, 'leak:applied:6');
    expect($hold->at(10_000)->primary - $hold->at(70_000)->primary)
        ->toEqualWithDelta((6 * 42) / (42 + 18), 0.3)
        ->and($rest->at(70_000)->primary)
        ->toBe(120.0);
});

it('drops at once by what the chambers take, and then stands', function (): void {
    // With hardly any supply behind it, by hand: the same air in reservoir and chamber together.
    $makeup = new AirMakeup(supplyLiters: 0.01);
    $course = course([[1000, EventKind::Pedal, 'down']], 60_000, makeup: $makeup);
    expect($course->at(5000)->primary)
        ->toEqualWithDelta(
            (120 * $makeup->primaryLiters) / ($makeup->primaryLiters + $makeup->primaryChamberLiters),
            0.1,
        )
        ->and($course->at(60_000)->primary)
        ->toEqualWithDelta($course->at(5000)->primary, 0.1);
});

it('warns, and lets the trailer valve out before the tractor\'s, as it is fanned down', function (): void {
    $events = course(fanning(60), 190_000)->events;
    expect(array_map(static fn (BrakeEvent $event): string => $event->kind->value.$event->to, $events))
        ->toBe(['warning', 'poppedtrailer', 'poppedtractor'])
        // The lamp goes by the lower gauge; a valve comes out once the higher one is down.
        ->and(min($events[0]->primary, $events[0]->secondary))->toEqualWithDelta(66, 0.05)
        ->and(max($events[1]->primary, $events[1]->secondary))->toEqualWithDelta(38, 0.05)
        ->and(max($events[2]->primary, $events[2]->secondary))->toEqualWithDelta(30, 0.05);
});

it('takes as many strokes from cut-out to the warning as arithmetic says', function (): void {
    $makeup = AirMakeup::usual(false);
    $first = course(fanning(40), 130_000, 120, '', $makeup)->events[0];
    $stroke = intdiv($first->atMs - 2000, 3000) + 1;
    // By hand for the reservoir that falls faster: every stroke leaves V / (V + chamber) of it, while supply feeds both
    // evenly.
    $total = $makeup->supplyLiters + $makeup->primaryLiters + $makeup->secondaryLiters;
    $chambers = $makeup->primaryChamberLiters + $makeup->secondaryChamberLiters;
    expect($stroke)->toEqualWithDelta(log(60 / 120) / log($total / ($total + $chambers)), 3);
});

it('shows what a fault does, and nothing else of it', function (string $faults, array $told): void {
    expect(
        array_map(
            static fn (BrakeEvent $event): string => $event->kind->value.$event->to,
            course(fanning(70), 220_000, 120, $faults)->events,
        ),
    )->toBe($told);
})->with([
    ['no-warning', ['poppedtrailer', 'poppedtractor']],
    ['valve-stuck', ['warning']],
    ['valve-early', ['warning', 'poppedtrailer', 'poppedtractor']],
    ['valve-late', ['warning', 'poppedtrailer', 'poppedtractor']],
]);

it('moves where the valves come out', function (string $faults, float $trailer): void {
    $popped = array_values(
        array_filter(
            course(fanning(70), 220_000, 120, $faults)->events,
            static fn (BrakeEvent $event): bool => $event->kind === EventKind::Popped,
        ),
    );
    expect($popped[0]->primary)->toEqualWithDelta($trailer, 2);
})->with([['valve-early', 53], ['valve-late', 22]]);

it('does not warn while the key is off', function (): void {
    $controls = array_values(array_filter(fanning(40), static fn (array $one): bool => $one[1] !== EventKind::Key));
    expect(
        array_filter(
            course($controls, 130_000)->events,
            static fn (BrakeEvent $event): bool => $event->kind === EventKind::Warning,
        ),
    )->toBe([]);
});

it('lets no valve stay in below its pressure', function () use ($released): void {
    $events = course($released, 1000, 15)->events;
    expect(array_map(static fn (BrakeEvent $event): string => $event->to, $events))->toBe(['tractor', 'trailer']);
});

it('shows six psi too many on a gauge that reads high', function (): void {
    $course = course([], 1000, 100, 'gauge-high');
    $warning = course(fanning(40), 130_000, 120, 'gauge-high')->events[0];

    expect($course->at(1000)->primaryGauge - $course->at(1000)->primary)
        ->toBe(6.0)
        ->and($warning->kind)
        ->toBe(EventKind::Warning)
        ->and($warning->primary - $warning->secondary)
        ->toEqualWithDelta(6, 1);
});

it('never rises without the compressor', function (int $seed) use ($released): void {
    $chance = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $controls = $released;
    for ($at = 500; $at < 60_000; $at += $chance->getInt(300, 4000)) {
        $controls[] = [$at, EventKind::Pedal, $chance->getInt(0, 1) === 1 ? 'down' : 'up'];
    }
    $course = course($controls, 60_000, 110, 'leak:secondary:9');
    $before = INF;
    foreach ($course->samples as $sample) {
        $highest = max($sample->supply, $sample->primary, $sample->secondary, $sample->trailer);
        expect($highest)->toBeLessThanOrEqual($before + 1e-9);
        $before = $highest;
    }
})->with([1, 2, 3])->group('properties');

it('makes and loses no air but by compressor, leak and letting up the pedal', function (string $faults) use (
    $released,
): void {
    $ledger = course(
        [...fanning(30), ...$released, [100_000, EventKind::Engine, 'on'], [100_000, EventKind::Rpm, '', 1000]],
        300_000,
        90,
        $faults,
    )->ledger;
    expect($ledger['start'] + $ledger['delivered'] - $ledger['leaked'] - $ledger['vented'])->toEqualWithDelta(
        $ledger['end'],
        1e-6,
    );
})
    ->with(['', 'leak:primary:8,leak:trailer:3', 'leak:applied:20,compressor-weak'])
    ->group('properties');

/**
 * Controls as nobody would touch them, drawn from a seed: strokes of hundredths of a second, valves, hand valve,
 * engine. @return list<array{int, EventKind, 2?: string, 3?: float}>
 */
function chanceControls(Random\Randomizer $random, int $untilMs): array
{
    $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $controls = [
        [0, EventKind::Key, 'on'], [0, EventKind::Engine, 'on'], [0, EventKind::TractorValve, 'in'],
        [0, EventKind::TrailerValve, 'in'],
    ];
    for ($at = 0; $at < $untilMs; $at += $one([30, 200, 700, 1500, 9000])) {
        $controls[] = $one([
            [$at, EventKind::Pedal, 'down'],
            [$at, EventKind::Pedal, 'down'],
            [$at, EventKind::Pedal, 'up'],
            [$at, EventKind::Pedal, 'up'],
            [$at, EventKind::HandValve, $one(['on', 'off'])],
            [$at, EventKind::TrailerValve, $one(['in', 'out'])],
            [$at, EventKind::TractorValve, $one(['in', 'out'])],
            [$at, EventKind::Engine, $one(['on', 'on', 'off'])],
            [$at, EventKind::Key, $one(['on', 'on', 'off'])],
            [$at, EventKind::Rpm, '', (float) $random->getInt(600, 1800)],
        ]);
    }

    return $controls;
}

it('gives the same course for the same controls, and within 0.2 psi on a grid of time twice as fine', function (
    int $seed,
): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $controls = chanceControls($random, 180_000);
    $fault = [
        '', 'leak:primary:9', 'leak:trailer:20', 'leak:applied:14', 'leak:supply:30', 'governor-low', 'valve-early',
    ][$random->getInt(0, 6)];
    $from = (float) $random->getInt(0, 130);
    $makeup = AirMakeup::usual($random->getInt(0, 1) === 1);
    $one = course($controls, 180_000, $from, $fault, $makeup);
    $finer = course($controls, 180_000, $from, $fault, $makeup, 0.5);
    expect(course($controls, 180_000, $from, $fault, $makeup)->samples)->toEqual($one->samples);
    $worst = 0.0;
    foreach ($one->samples as $n => $sample) {
        foreach (['supply', 'primary', 'secondary', 'trailer'] as $gauge) {
            $worst = max($worst, abs($sample->$gauge - $finer->samples[$n]->$gauge));
        }
    }
    expect($worst)->toBeLessThan(0.2);
})->with(range(1, 25))->group('properties');

it('keeps the lamp on only while pressure is low', function () use ($released): void {
    $course = course(
        [[0, EventKind::Key, 'on'], ...$released, [0, EventKind::Engine, 'on'], [0, EventKind::Rpm, '', 1200]],
        200_000,
        50,
    );

    expect($course->at(1000)->warning)
        ->toBeTrue()
        ->and($course->at(200_000)->warning)
        ->toBeFalse()
        ->and(array_filter($course->events, static fn (BrakeEvent $event): bool => $event->kind === EventKind::Warning))
        ->toHaveCount(1);
});

it('leaks no more than there is', function (): void {
    $course = course([], 120_000, 5, 'leak:trailer:30', AirMakeup::usual(true));

    expect($course->at(120_000)->trailer)->toBe(0.0)->and($course->ledger['leaked'])->toEqualWithDelta(5 * 40.0, 0.5);
});
