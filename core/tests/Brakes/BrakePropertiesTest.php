<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirFaults;
use Pasada\Core\Brakes\Air\AirMakeup;
use Pasada\Core\Brakes\Air\AirSystem;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventFile;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Events\EventReader;
use Pasada\Core\Brakes\Events\EventWriter;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\JudgmentWriter;
use Pasada\Core\Brakes\Judging\Run;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Tests\Brakes\Scene;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Events as somebody with a bench might tap them, in any order that makes sense.
 *
 * @return list<BrakeEvent>
 */
function tapped(int $seed, int $count = 60): array
{
    $random = new Randomizer(new Mt19937($seed));
    $events = [];
    $at = 0;
    $isRunning = false;
    while (count($events) < $count) {
        $kind = EventKind::cases()[$random->getInt(0, count(EventKind::cases()) - 1)];
        if ($kind === EventKind::MinuteEnded && ! $isRunning) {
            continue;
        }
        $isRunning = match ($kind) {
            EventKind::MinuteStarted => true,
            EventKind::MinuteEnded, EventKind::Restarted => false,
            default => $isRunning,
        };
        $at += $random->getInt(1, 9000);
        $states = $kind->states();
        $to = $states === [] ? '' : $states[$random->getInt(0, count($states) - 1)];
        $psi = static fn (): float => $random->getInt(0, 1400) / 10;
        $events[] = match (true) {
            in_array($kind, [EventKind::Rpm, EventKind::Rolling], true) => new BrakeEvent(
                $at, $kind, '', (float) $random->getInt(1, 20),
            ),
            $kind === EventKind::Said => new BrakeEvent(
                $at, $kind, $to, $psi(), null, BrakeTest::cases()[$random->getInt(0, 10)],
            ),
            $kind === EventKind::Spoken => new BrakeEvent(
                $at,
                $kind,
                text: 'my gauge reads '.$random->getInt(60, 130),
            ),
            in_array(
                $kind,
                [EventKind::Reading, EventKind::CutOut, EventKind::CutIn, EventKind::Warning, EventKind::Popped],
                true,
            ) => new BrakeEvent($at, $kind, $to, $psi(), $psi()),
            default => new BrakeEvent($at, $kind, $to),
        };
    }

    return $events;
}

function everyTest(int $restarts = 2): Judge
{
    return new Judge(
        new Sequence(
            array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), BrakeTest::cases()),
            $restarts,
        ),
        new BrakedVehicle(),
    );
}

/** @return array<string, mixed> */
function verdict(array $events): array
{
    return JudgmentWriter::write(everyTest()->judge($events));
}

$seeds = array_combine(
    array_map(static fn (int $seed): string => "seed $seed", range(1, 20)),
    array_map(static fn (int $seed): array => [$seed], range(1, 20)),
);

it('reads back whatever can be observed, in every open format', function (int $seed): void {
    $events = tapped($seed);
    $written = (string) json_encode(['events' => array_map(EventWriter::write(...), $events)]);

    expect((new EventReader)->read($written))->toEqual($events)
        ->and(EventFile::read($written, 'json'))->toEqual($events)
        ->and(EventFile::read(EventFile::table($events), 'table'))->toEqual($events);
})->with($seeds);

it('judges the same events the same, byte for byte, through any format', function (int $seed): void {
    $events = tapped($seed);
    expect(json_encode(verdict(EventFile::read(EventFile::table($events), 'table'))))->toBe(
        json_encode(verdict($events)),
    );
})->with($seeds);

it('does not care at what time of the day the tests began', function (int $seed): void {
    $later = array_map(
        static fn (BrakeEvent $event): BrakeEvent => new BrakeEvent(
            $event->atMs + 3_600_000, $event->kind, $event->to, $event->primary, $event->secondary, $event->test,
            $event->text,
        ),
        tapped($seed),
    );
    $without = static fn (array $verdict): array => array_map(
        static fn (array $step): array => [$step['test'], $step['outcome'], $step['what'], (array) $step['figures']],
        $verdict['steps'],
    );

    expect($without(verdict($later)))->toBe($without(verdict(tapped($seed))));
})->with($seeds);

it('gives every step of the sequence one outcome, and fails where one is broken', function (int $seed): void {
    $judged = everyTest()->judge(tapped($seed));
    $outcomes = array_map(static fn ($step): string => $step->outcome->value, $judged->steps);

    expect(array_map(static fn ($step): string => $step->test->value, $judged->steps))
        ->toBe(array_column(array_filter(BrakeTest::cases(), (new BrakedVehicle)->canBeAsked(...)), 'value'))
        ->and($judged->standing)
        ->toBe(
            array_filter($judged->steps, static fn ($step): bool => $step->isLost()) !== [] || $judged->restarts > 2
                ? Standing::Failed
                : (array_unique($outcomes) === ['met']
                    ? Standing::Passed
                    : Standing::Open),
        )
        ->and($judged->causeTold() === null)
        ->toBe($judged->standing !== Standing::Failed);
})->with($seeds);

it('takes for the first cause what broke first', function (int $seed): void {
    $judged = everyTest()->judge(tapped($seed));
    $lost = array_filter($judged->steps, static fn ($step): bool => $step->isLost());
    // What was skipped was lost when the first step after it began.
    $at = static fn (int $n): int => $judged->steps[$n]->atMs ??
        min(
            array_filter(
                array_map(static fn ($step): ?int => $step->atMs, array_slice($judged->steps, $n + 1)),
                is_int(...),
            ),
        );
    $first = $lost === [] ? null : min(array_map($at, array_keys($lost)));

    expect($judged->cause === null ? null : $at((int) array_search($judged->cause, $judged->steps, true)))->toBe(
        $first,
    );
})->with($seeds);

it('forgets with a new beginning what was done before, and not how the cab stands', function (int $seed): void {
    $before = tapped($seed);
    $end = end($before)->atMs;
    $run = Run::of([...$before, new BrakeEvent($end + 1, EventKind::Restarted)], true);

    expect($run->events)
        ->toBe([])
        ->and($run->situationAt(0))
        ->toEqual(Run::of($before, true)->situationAt(count(Run::of($before, true)->events)));
})->with($seeds);

it('finds between two readings a pressure between them', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    [$low, $high] = [(float) $random->getInt(20, 70), (float) $random->getInt(80, 130)];
    $run = Run::of(
        [
            new BrakeEvent(0, EventKind::Reading, '', $low, $high),
            new BrakeEvent(10_000, EventKind::Reading, '', $high, $low),
        ],
        true,
    );
    $last = $low;
    foreach (range(0, 10_000, 500) as $at) {
        $pressure = $run->gauges->at($at);
        expect($pressure?->primary)->toBeGreaterThanOrEqual($last)->toBeLessThanOrEqual($high)
            ->and(round($pressure->primary + $pressure->secondary, 6))->toBe($low + $high);
        $last = $pressure->primary;
    }
})->with($seeds);

it('knows no pressure far from any reading', function (int $atMs, bool $isKnown): void {
    $run = Run::of([new BrakeEvent(100_000, EventKind::Reading, '', 120, 118)], true);
    expect($run->gauges->at($atMs) !== null)->toBe($isKnown);
})->with([[84_999, false], [85_000, true], [100_000, true], [115_000, true], [115_001, false]]);

it('never makes air: what is there at the end is what was there, and was delivered, less what left', function (
    int $seed,
): void {
    $random = new Randomizer(new Mt19937($seed));
    $controls = array_values(
        array_filter(tapped($seed, 80), static fn (BrakeEvent $event): bool => ! $event->kind->isOfTheSystem()),
    );
    $places = ['supply', 'primary', 'secondary', 'trailer', 'applied'];
    $fault = sprintf('leak:%s:%d', $places[$random->getInt(0, 4)], $random->getInt(0, 20));
    $trace = (new AirSystem(new AirMakeup(), AirFaults::read($fault), (float) $random->getInt(0, 130)))->run(
        $controls,
        600_000,
        5000,
    );
    $ledger = $trace->ledger;

    expect($ledger['start'] + $ledger['delivered'] - $ledger['leaked'] - $ledger['vented'])->toEqualWithDelta(
        $ledger['end'],
        0.001 * max(1.0, $ledger['end']),
    );
    foreach ($trace->samples as $sample) {
        expect(min($sample->supply, $sample->primary, $sample->secondary, $sample->trailer))->toBeGreaterThanOrEqual(
            0.0,
        );
    }
})->with($seeds);

it('raises no pressure while the engine stands', function (int $seed): void {
    $controls = array_values(
        array_filter(
            tapped($seed, 80),
            static fn (BrakeEvent $event): bool => ! in_array(
                $event->kind,
                [EventKind::Engine, EventKind::Reading],
                true,
            ) && ! $event->kind->isOfTheSystem(),
        ),
    );
    $air = PHP_FLOAT_MAX;
    foreach ((new AirSystem(new AirMakeup, new AirFaults, 110))->run($controls, 300_000, 1000)->samples as $sample) {
        $held = $sample->supply * 18 + $sample->primary * 42 + $sample->secondary * 30 + $sample->trailer * 40;
        expect($held)->toBeLessThanOrEqual($air + 0.001);
        $air = $held;
    }
})->with($seeds);

it('keeps to what was right however much is read beside it', function (): void {
    $scene = static fn (): Scene => (new Scene)->ready()->leakTest()->warns()->pops();
    $events = $scene()->events;
    $more = [];
    foreach ($events as $event) {
        $more[] = $event;
        if ($event->kind === EventKind::Reading) {
            $more[] = new BrakeEvent($event->atMs, EventKind::Reading, '', $event->primary, $event->secondary);
        }
    }
    $outcomes = static fn (array $all): array => array_map(
        static fn ($step): string => $step->outcome->value,
        (new Judge(
            new Sequence(
                [
                    new StepChoice(BrakeTest::LeakApplied),
                    new StepChoice(BrakeTest::LowAir),
                    new StepChoice(BrakeTest::SpringPop),
                ],
                0,
            ),
            new BrakedVehicle(),
        ))->judge($all)->steps,
    );

    expect($outcomes($more))->toBe($outcomes($events))->toBe(['met', 'met', 'met']);
});
