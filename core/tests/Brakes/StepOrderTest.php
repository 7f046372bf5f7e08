<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Tests\Brakes\Scene;

const THREE = [BrakeTest::LeakApplied, BrakeTest::LowAir, BrakeTest::SpringPop];

/** @return list<string> how each step stands, in short */
function stepsTold(Judgment $judged): array
{
    return array_map(static fn ($step): string => $step->outcome->value.': '.$step->what, $judged->steps);
}

it('says of a step that another has overtaken that it can no longer be done', function (
    callable $tell, Standing $standing, string $cause, string $step,
): void {
    $judged = $tell((new Scene())->ready())->judged(THREE);

    expect([$judged->standing, $judged->causeTold(), stepsTold($judged)[0]])->toBe([$standing, $cause, $step]);
})->with([
    'skipped' => [
        fn (Scene $s): Scene => $s->warns(),
        Standing::Failed,
        'leak test, brakes applied: not done before the low-air warning',
        'not-done: not done before the low-air warning',
    ],
    'a minute without the pedal' => [
        fn (Scene $s): Scene => $s
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->reads(119, afterMs: 60_000)
            ->then(EventKind::MinuteEnded)
            ->warns(),
        Standing::Failed,
        'leak test, brakes applied: not done before the low-air warning: the minute ran without the pedal',
        'not-done: not done before the low-air warning: the minute ran without the pedal',
    ],
    'a minute never finished' => [
        fn (Scene $s): Scene => $s
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::Said, 'start-reading')
            ->then(EventKind::MinuteStarted)
            ->warns(),
        Standing::Failed,
        'leak test, brakes applied: the minute was not finished',
        'broken: the minute was not finished',
    ],
]);

it('leaves a step open while it can still be done', function (callable $tell, string $step): void {
    $judged = $tell((new Scene)->ready())->judged(THREE);

    expect([$judged->standing, stepsTold($judged)[0]])->toBe([Standing::Open, $step]);
})->with([
    'nothing done' => [fn (Scene $s): Scene => $s, 'not-done: not done'],
    'a minute without the pedal, and no step after it' => [
        fn (Scene $s): Scene => $s
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->reads(119, afterMs: 60_000)
            ->then(EventKind::MinuteEnded),
        'not-done: not done: the minute ran without the pedal',
    ],
    'the right minute after a wrong one' => [
        fn (Scene $s): Scene => $s
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->then(EventKind::MinuteEnded, afterMs: 60_000)
            ->leakTest(),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
]);

it(
    'takes what the governor and the compressor do by themselves for a test only after the steps before it',
    function (): void {
        $fill = static fn (Scene $s): Scene => $s
            ->then(EventKind::Engine, 'on')
            ->reads(80)
            ->reads(102, afterMs: 30_000)
            ->then(EventKind::CutOut, '', 125, 125, 60_000);
        $first = $fill(new Scene())->ready();

        expect($first->judged([BrakeTest::LeakApplied, BrakeTest::CutOut, BrakeTest::BuildUp])->standing)
            ->toBe(Standing::Open)
            ->and(
                $fill($first->leakTest()->then(EventKind::Engine, 'on')->reads(60, afterMs: 60_000))->judged([
                    BrakeTest::LeakApplied,
                    BrakeTest::BuildUp,
                    BrakeTest::CutOut,
                ])->standing,
            )
            ->toBe(Standing::Passed);
    },
);

it('waits with what can still be said, and breaks it once another step has begun', function (): void {
    $says = [new StepChoice(BrakeTest::LeakApplied, say: [Spoken::Limit]), new StepChoice(BrakeTest::LowAir)];
    $scene = (new Scene())->ready()->leakTest();
    expect(stepsTold($scene->judged($says))[0])
        ->toBe('not-yet: still to say: the limit')
        ->and($scene->judged($says)->standing)
        ->toBe(Standing::Open);

    expect(stepsTold((clone $scene)->then(EventKind::Said, 'limit', 4, test: BrakeTest::LeakApplied)->judged($says))[0])
        ->toStartWith('met')
        ->and(stepsTold((clone $scene)->then(EventKind::Said, 'limit', test: BrakeTest::LeakApplied)->judged($says))[0])
        ->toStartWith('met')
        ->and(stepsTold($scene->warns()->judged($says))[0])
        ->toBe('broken: did not say the limit');
});

it('asks the scorer for a reading that nobody noted, and blames the student for none', function (
    BrakeTest $test,
    callable $tell,
    string $question,
): void {
    $judged = $tell((new Scene())->ready())->judged([$test, BrakeTest::Service]);

    expect([stepsTold($judged)[0], $judged->standing])->toBe(['not-judged: '.$question, Standing::Open])
        // And still so once the next step has begun.
        ->and(
            stepsTold(
                $tell((new Scene())->ready())
                    ->readyToMove()
                    ->rolls()
                    ->judged([$test, BrakeTest::Service]),
            )[0],
        )
        ->toBe('not-judged: '.$question);
})->with([
    [
        BrakeTest::CutOut,
        fn (Scene $s): Scene => $s
            ->then(EventKind::Engine, 'on')
            ->then(EventKind::CutOut, afterMs: 30_000)
            ->then(EventKind::Engine, 'off', afterMs: 20_000),
        'what did the gauges show when the dryer purged?',
    ],
    [
        BrakeTest::LowAir,
        fn (Scene $s): Scene => $s->then(EventKind::Warning, afterMs: 30_000),
        'what did the gauges show when the warning came?',
    ],
    [
        BrakeTest::SpringPop,
        fn (Scene $s): Scene => $s->then(EventKind::Popped, 'both', afterMs: 30_000),
        'what did the gauges show when the trailer valve came out?',
    ],
    [
        BrakeTest::LeakApplied,
        fn (Scene $s): Scene => $s
            ->then(EventKind::Pedal, 'down')
            ->then(EventKind::MinuteStarted)
            ->reads(118, afterMs: 60_000)
            ->then(EventKind::MinuteEnded),
        'what did the gauges show at the start of the minute?',
    ],
]);

it('takes what the student read aloud where the scorer noted nothing', function (): void {
    $scene = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->then(EventKind::Said, 'start-reading', 120)
        ->then(EventKind::MinuteStarted)
        ->then(EventKind::MinuteEnded, afterMs: 60_000)
        ->then(EventKind::Said, 'end-reading', 115);

    expect($scene->told(BrakeTest::LeakApplied))->toBe('broken: lost 5 psi in 60 s, 4 allowed for a combination');
});

it('never takes a reading from before the pedal into the loss', function (bool $countsFirstDrop, string $told): void {
    $scene = (new Scene())
        ->ready()
        ->reads(124)
        ->then(EventKind::Pedal, 'down')
        ->then(EventKind::MinuteStarted)
        ->reads(119, afterMs: 5000)
        ->then(EventKind::Said, 'start-reading')
        ->then(EventKind::MinuteEnded, afterMs: 54_000)
        ->reads(117)
        ->then(EventKind::Said, 'end-reading');

    expect(
        stepsTold($scene->judged([new StepChoice(BrakeTest::LeakApplied, countsFirstDrop: $countsFirstDrop)]))[0],
    )->toBe($told);
})->with([
    'left out' => [false, 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    'counted' => [true, 'broken: lost 7 psi in 60 s, 4 allowed for a combination'],
]);

it('takes no reading for the end of the minute once the pedal is fanned again', function (): void {
    $scene = (new Scene)->ready()->leakTest(2)->then(EventKind::Pedal, 'down')->reads(90)->then(EventKind::Pedal, 'up');

    expect($scene->told(BrakeTest::LeakApplied))->toStartWith('met: lost 2 psi');
});

it('lets a minute be short by its tolerance, and loses over the time waited', function (
    int $ms, float $lost, ?float $slack, string $outcome,
): void {
    $step = (new Scene())
        ->ready()
        ->leakTest($lost, $ms)
        ->judged([new StepChoice(BrakeTest::LeakApplied, slackSeconds: $slack)])->steps[0];

    expect($step->outcome->value)->toBe($outcome);
})->with([
    'a second short' => [59_000, 4.0, null, 'met'],
    'more than a second short' => [58_999, 0.0, null, 'broken'],
    'a second short, just over' => [59_000, 4.001, null, 'broken'],
    'no tolerance' => [59_999, 0.0, 0.0, 'broken'],
    'exactly a minute' => [60_000, 4.0, 0.0, 'met'],
    'longer: exactly as much as that time allows' => [90_000, 6.0, null, 'met'],
    'longer: a thousandth more' => [90_000, 6.001, null, 'broken'],
]);

it('names what was done within the minute with its step', function (EventKind $kind, string $to, string $why): void {
    $scene = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->reads(120)
        ->then(EventKind::Said, 'start-reading')
        ->then(EventKind::MinuteStarted)
        ->then($kind, $to, afterMs: 20_000)
        ->reads(119, afterMs: 40_000)
        ->then(EventKind::MinuteEnded)
        ->then(EventKind::Said, 'end-reading');

    expect($scene->told(BrakeTest::LeakApplied))->toBe('broken: '.$why);
})->with([
    [EventKind::Chocks, 'out', 'the chocks were taken out within the minute'],
    [EventKind::Key, 'off', 'the key was turned off within the minute'],
    [EventKind::TractorValve, 'out', 'a valve was pulled within the minute'],
]);

it('names the step at which it was begun again once too often', function (): void {
    $scene = (new Scene)->ready()->leakTest()->warns()->then(EventKind::Restarted)->leakTest()->warns()->pops();
    $judged = $scene->judged(THREE);

    expect($judged->causeTold())
        ->toBe('spring brakes: restarted once, 0 allowed')
        ->and($judged->restartedAt)
        ->toBe(BrakeTest::SpringPop);
});

it('judges the valves by the higher gauge, and the warning by either', function (): void {
    $pops = (new Scene)->ready()->reads(60)->then(EventKind::Popped, 'both', 44, 18);
    $low = (new Scene)->ready()->reads(80)->then(EventKind::Warning, '', 60, 54);

    expect($pops->told(BrakeTest::SpringPop))
        ->toBe('met: came out at 44 psi (trailer) and 44 psi (tractor)')
        ->and((new Scene())->ready()->reads(60)->then(EventKind::Popped, 'both', 46, 30)->told(BrakeTest::SpringPop))
        ->toStartWith('broken: the trailer valve came out at 46 psi')
        ->and((new Scene())->ready()->reads(40)->reads(30, 18)->told(BrakeTest::SpringPop))
        ->toBe('not-done: not done')
        ->and($low->told(BrakeTest::LowAir))
        ->toBe('broken: the warning came at 54 psi, at or above 55 asked');
});

it('begins again from the test that the checklist names', function (?BrakeTest $from, array $outcomes): void {
    $scene = (new Scene)->ready()->leakTest()->warns(40)->then(EventKind::Restarted)->warns(62)->pops();
    $choices = array_map(static fn (BrakeTest $test): StepChoice => new StepChoice($test), THREE);
    $judged = (new Judge(new Sequence($choices, 1, $from), new BrakedVehicle))->judge($scene->events);

    expect(array_map(static fn ($step): string => $step->outcome->value, $judged->steps))->toBe($outcomes);
})->with([
    'the beginning' => [null, ['not-done', 'met', 'met']],
    'the warning' => [BrakeTest::LowAir, ['met', 'met', 'met']],
]);

it('tells the vehicle\'s fault from the student\'s', function (
    callable $tell,
    BrakeTest $test,
    bool $isOfVehicle,
): void {
    $judged = $tell((new Scene())->ready())->judged([$test]);

    expect([$judged->standing, $judged->steps[0]->isOfVehicle, $judged->isProcedureRight()])->toBe([
        Standing::Failed,
        $isOfVehicle,
        $isOfVehicle,
    ]);
    if ($isOfVehicle) {
        expect($judged->findings())->toBe([$judged->steps[0]]);
    }
})->with([
    'it leaks' => [fn (Scene $s): Scene => $s->leakTest(6), BrakeTest::LeakApplied, true],
    'the minute is cut' => [fn (Scene $s): Scene => $s->leakTest(6, 40_000), BrakeTest::LeakApplied, false],
    'it warns too late' => [fn (Scene $s): Scene => $s->warns(50), BrakeTest::LowAir, true],
    'it never warns' => [fn (Scene $s): Scene => $s->reads(70)->reads(50), BrakeTest::LowAir, true],
    'the key was off' => [
        fn (Scene $s): Scene => $s->then(EventKind::Key, 'off')->reads(70)->reads(50),
        BrakeTest::LowAir,
        false,
    ],
    'the valves come too early' => [fn (Scene $s): Scene => $s->pops(50, 48), BrakeTest::SpringPop, true],
    'it moves' => [fn (Scene $s): Scene => $s->readyToMove()->tug('out', 'in', 'moved'), BrakeTest::TugTractor, true],
    'the chocks were in' => [
        fn (Scene $s): Scene => $s->readyToMove()->then(EventKind::Chocks, 'in')->tug('out', 'in'),
        BrakeTest::TugTractor,
        false,
    ],
    'a wrong limit is the student\'s, whatever leaked' => [
        fn (Scene $s): Scene => $s->leakTest(6)->then(EventKind::Said, 'limit', 6, test: BrakeTest::LeakApplied),
        BrakeTest::LeakApplied,
        false,
    ],
]);

it('keeps what a step showed of the vehicle where the student broke it by something else', function (): void {
    $judged = (new Scene())
        ->ready()
        ->leakTest(6)
        ->then(EventKind::Said, 'limit', 6, test: BrakeTest::LeakApplied)
        ->judged([BrakeTest::LeakApplied]);

    expect($judged->steps[0]->what)
        ->toBe('said 6 as the limit, it is no more than 4')
        ->and($judged->findings()[0]->finding)
        ->toBe('lost 6 psi in 60 s, 4 allowed for a combination')
        ->and([$judged->procedure(), $judged->procedureCause()])
        ->toBe([Standing::Failed, 'leak test, brakes applied: said 6 as the limit, it is no more than 4']);
});

it('judges what the student did apart from what the vehicle showed', function (): void {
    $leaks = (new Scene)->ready()->leakTest(6)->judged([BrakeTest::LeakApplied]);
    $more = (new Scene)->ready()->leakTest(6)->judged([BrakeTest::LeakApplied, BrakeTest::LowAir]);

    expect([$leaks->standing, $leaks->procedure(), $leaks->procedureCause()])
        ->toBe([Standing::Failed, Standing::Passed, null])
        ->and($more->procedure())
        ->toBe(Standing::Open)
        ->and(
            (new Scene())
                ->then(EventKind::Restarted)
                ->ready()
                ->leakTest()
                ->judged([BrakeTest::LeakApplied])
                ->procedure(),
        )
        ->toBe(Standing::Failed);
});

it('asks at what pressure the governor cut out where that belongs, and takes the answer', function (
    callable $before,
    EventKind $kind,
    int $atMs,
): void {
    $scene = $before((new Scene())->then(EventKind::Engine, 'on'))->then(EventKind::CutIn, '', 100, 100, 60_000);
    $question = $scene->judged([BrakeTest::CutIn])->steps[0]->question;
    $answered = [
        ...$scene->events,
        new BrakeEvent($question->atMs ?? 0, $question?->answeredBy ?? EventKind::Said, '', 122, 122),
    ];
    usort($answered, static fn (BrakeEvent $a, BrakeEvent $b): int => $a->atMs <=> $b->atMs);
    $step = (new Judge(new Sequence([new StepChoice(BrakeTest::CutIn)], 0), new BrakedVehicle()))->judge($answered)
        ->steps[0];

    expect([$question?->text, $question?->answeredBy, $question?->atMs])
        ->toBe(['at what pressure did the governor cut out before?', $kind, $atMs])
        ->and($step->outcome->value.': '.$step->what)
        ->toBe('met: cut in 22 psi below cut-out, between 20 and 25 asked');
})->with([
    'it was noted without gauges' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, afterMs: 30_000),
        EventKind::Reading,
        31_000,
    ],
    'it was not noted at all' => [
        fn (Scene $s): Scene => $s->then(EventKind::Belt, 'on', afterMs: 30_000),
        EventKind::CutOut,
        90_999,
    ],
]);
