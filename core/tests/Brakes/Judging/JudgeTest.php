<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Outcome;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Brakes\Limits;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Brakes\StepChoice;
use Pasada\Core\Brakes\StepInstructions;
use Pasada\Core\Tests\Brakes\Scene;

it('judges the applied leak by what was lost over the time really waited', function (
    float $lost, int $ms, bool $combination, string $told,
): void {
    expect((new Scene())->ready()->leakTest($lost, $ms)->told(BrakeTest::LeakApplied, $combination))->toBe($told);
})->with([
    'well inside' => [2, 60_000, true, 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    'at the limit' => [4, 60_000, true, 'met: lost 4 psi in 60 s, 4 allowed for a combination'],
    'just outside' => [4.1, 60_000, true, 'broken: lost 4.1 psi in 60 s, 4 allowed for a combination'],
    'a single vehicle at its limit' => [3, 60_000, false, 'met: lost 3 psi in 60 s, 3 allowed for a single vehicle'],
    'a single vehicle just outside' => [
        3.1,
        60_000,
        false,
        'broken: lost 3.1 psi in 60 s, 3 allowed for a single vehicle',
    ],
    'more lost over a longer minute' => [5, 75_000, true, 'met: lost 5 psi in 75 s, 4 allowed for a combination'],
    'a hair short of a minute' => [2, 59_600, true, 'met: lost 2 psi in 59.6 s, 4 allowed for a combination'],
    'a minute cut short' => [2, 52_000, true, 'broken: the minute was cut to 52 s'],
    'nothing lost' => [0, 60_000, true, 'met: lost 0 psi in 60 s, 4 allowed for a combination'],
]);

it('takes the gauge that lost more', function (): void {
    $scene = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->reads(120, 118)
        ->then(EventKind::Said, 'start-reading')
        ->then(EventKind::MinuteStarted, afterMs: 0)
        ->reads(119, 113, 60_000)
        ->then(EventKind::MinuteEnded, afterMs: 0)
        ->then(EventKind::Said, 'end-reading');
    expect($scene->told(BrakeTest::LeakApplied))->toBe('broken: lost 5 psi in 60 s, 4 allowed for a combination');
});

it('judges the minute with the state that the system was in', function (callable $change, string $why): void {
    expect($change(new Scene())->told(BrakeTest::LeakApplied))->toBe(
        (str_starts_with($why, 'not-') ? '' : 'broken: ').$why,
    );
})->with([
    'engine running' => [
        fn (Scene $s): Scene => $s->ready()->then(EventKind::Engine, 'on')->leakTest(),
        'the engine was running: the compressor hides a leak',
    ],
    'key off' => [fn (Scene $s): Scene => $s->ready()->then(EventKind::Key, 'off')->leakTest(), 'the key was off'],
    'tractor valve never released' => [
        fn (Scene $s): Scene => $s->ready()->then(EventKind::TractorValve, 'out')->leakTest(),
        'the tractor valve was never released',
    ],
    'trailer valve never released' => [
        fn (Scene $s): Scene => $s->ready()->then(EventKind::TrailerValve, 'out')->leakTest(),
        'the trailer valve was never released',
    ],
    'not chocked' => [
        fn (Scene $s): Scene => $s->ready()->then(EventKind::Chocks, 'out')->leakTest(),
        'the wheels were not chocked while the brakes were released',
    ],
    'no reading at the start' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->then(EventKind::MinuteStarted)
            ->reads(118, afterMs: 60_000)
            ->then(EventKind::MinuteEnded),
        'not-judged: what did the gauges show at the start of the minute?',
    ],
    'no reading at the end' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->then(EventKind::MinuteEnded, afterMs: 60_000),
        'not-judged: what did the gauges show at the end of the minute?',
    ],
    'pedal let up' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->then(EventKind::Pedal, 'up', afterMs: 30_000)
            ->reads(119, afterMs: 30_000)
            ->then(EventKind::MinuteEnded),
        'the pedal was let up within the minute',
    ],
    'engine started' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->then(EventKind::Engine, 'on', afterMs: 30_000)
            ->reads(119, afterMs: 30_000)
            ->then(EventKind::MinuteEnded),
        'the engine was started within the minute',
    ],
    'reading not spoken' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->reads(119, afterMs: 60_000)
            ->then(EventKind::MinuteEnded),
        'did not say the reading at the start',
    ],
    'reading spoken at the start only' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::Said, 'start-reading')
            ->then(EventKind::MinuteStarted)
            ->reads(119, afterMs: 60_000)
            ->then(EventKind::MinuteEnded),
        'not-yet: still to say: the reading at the end',
    ],
    'reading spoken at the start only, and more done since' => [
        fn (Scene $s): Scene => $s
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::Said, 'start-reading')
            ->then(EventKind::MinuteStarted)
            ->reads(119, afterMs: 60_000)
            ->then(EventKind::MinuteEnded)
            ->then(EventKind::Pedal, 'up', afterMs: 13_000),
        'did not say the reading at the end',
    ],
]);

it('tells the released leak from the applied one by the pedal', function (): void {
    $scene = (new Scene())
        ->ready()
        ->reads(120)
        ->then(EventKind::Said, 'start-reading')
        ->then(EventKind::MinuteStarted)
        ->reads(117, afterMs: 60_000)
        ->then(EventKind::MinuteEnded)
        ->then(EventKind::Said, 'end-reading');
    expect($scene->told(BrakeTest::LeakReleased))
        ->toBe('met: lost 3 psi in 61 s, 3 allowed for a combination')
        ->and($scene->told(BrakeTest::LeakApplied))
        ->toBe('not-done: not done: the minute ran without the pedal');
});

it('waits for a minute that is running', function (): void {
    expect(
        (new Scene())
            ->ready()
            ->then(EventKind::Pedal, 'down')
            ->reads(120)
            ->then(EventKind::MinuteStarted)
            ->told(BrakeTest::LeakApplied),
    )->toBe('not-yet: the minute is running');
});

it('judges the low-air warning', function (callable $tell, string $told): void {
    expect($tell((new Scene)->ready())->told(BrakeTest::LowAir))->toBe($told);
})->with([
    [fn (Scene $s): Scene => $s->warns(62), 'met: the warning came at 62 psi, at or above 55 asked'],
    'at the limit' => [fn (Scene $s): Scene => $s->warns(55), 'met: the warning came at 55 psi, at or above 55 asked'],
    'just under it' => [
        fn (Scene $s): Scene => $s->warns(54.9),
        'broken: the warning came at 54.9 psi, at or above 55 asked',
    ],
    'one gauge is enough' => [
        fn (Scene $s): Scene => $s->reads(80, 70)->then(EventKind::Warning, '', 71, 58),
        'met: the warning came at 58 psi, at or above 55 asked',
    ],
    'the key was turned on low air' => [
        fn (Scene $s): Scene => $s->reads(40)->then(EventKind::Warning, '', 40, 40),
        'broken: no warning down to 40 psi, at or above 55 asked',
    ],
    'on low air first, and again when fanned' => [
        fn (Scene $s): Scene => $s
            ->then(EventKind::Engine, 'on')
            ->reads(40)
            ->then(EventKind::Warning, '', 40, 40)
            ->reads(120, afterMs: 60_000)
            ->then(EventKind::Engine, 'off')
            ->warns(62),
        'met: the warning came at 62 psi, at or above 55 asked',
    ],
    'it never came' => [
        fn (Scene $s): Scene => $s->reads(70)->reads(50),
        'broken: no warning down to 50 psi, at or above 55 asked',
    ],
    'the key was off' => [
        fn (Scene $s): Scene => $s->then(EventKind::Key, 'off')->reads(70)->reads(50),
        'broken: the key was off, so no warning could come',
    ],
    'not fanned yet' => [fn (Scene $s): Scene => $s->reads(110), 'not-done: not done'],
]);

it('judges how the spring brakes come on', function (float $trailer, float $tractor, string $told): void {
    expect((new Scene)->ready()->pops($trailer, $tractor)->told(BrakeTest::SpringPop))->toBe($told);
})->with([
    [38, 32, 'met: came out at 38 psi (trailer) and 32 psi (tractor)'],
    'at both limits' => [45, 20, 'met: came out at 45 psi (trailer) and 20 psi (tractor)'],
    'too early' => [45.5, 32, 'broken: the trailer valve came out at 45.5 psi, between 20 and 45 asked'],
    'too late' => [38, 19.5, 'broken: the tractor valve came out at 19.5 psi, between 20 and 45 asked'],
    'tractor first' => [
        30,
        36,
        'broken: the tractor valve came out first; the trailer\'s has to come first or together with it',
    ],
]);

it('finds a valve that was pulled by hand, and valves that stay in', function (callable $tell, string $told): void {
    expect($tell((new Scene)->ready())->told(BrakeTest::SpringPop))->toBe('broken: '.$told);
})->with([
    [
        fn (Scene $s): Scene => $s
            ->reads(50)
            ->then(EventKind::TrailerValve, 'out')
            ->then(EventKind::Popped, 'tractor', 32, 32),
        'the trailer valve was pulled by hand; it has to come out by itself',
    ],
    'at any pressure' => [
        fn (Scene $s): Scene => $s->reads(110)->then(EventKind::TractorValve, 'out'),
        'the tractor valve was pulled by hand; it has to come out by itself',
    ],
    'pushed back in' => [
        fn (Scene $s): Scene => $s
            ->reads(50)
            ->then(EventKind::Popped, 'trailer', 38, 38)
            ->then(EventKind::TrailerValve, 'in')
            ->then(EventKind::Popped, 'tractor', 32, 32),
        'the trailer valve was pushed back in after it had come out',
    ],
    [fn (Scene $s): Scene => $s->reads(40)->reads(15), 'no valve came out down to 15 psi, between 20 and 45 asked'],
]);

it('lets both valves come out together, and asks one of a single vehicle', function (): void {
    expect((new Scene())->ready()->reads(50)->then(EventKind::Popped, 'both', 35, 35)->told(BrakeTest::SpringPop))
        ->toStartWith('met')
        ->and(
            (new Scene())
                ->ready()
                ->reads(50)
                ->then(EventKind::Popped, 'tractor', 35, 35)
                ->told(BrakeTest::SpringPop, false),
        )
        ->toBe('met: came out at 35 psi (tractor)')
        ->and((new Scene())->ready()->reads(50)->then(EventKind::Popped, 'trailer', 35, 35)->told(BrakeTest::SpringPop))
        ->toBe('not-yet: the tractor valve is still in');
});

it('judges governor and build-up', function (callable $tell, BrakeTest $test, string $told): void {
    expect($tell((new Scene)->then(EventKind::Engine, 'on'))->told($test))->toBe($told);
})->with([
    [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 125, 124),
        BrakeTest::CutOut,
        'met: cut out at 124 psi, between 120 and 140 asked',
    ],
    'cut-out at the limit' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 120, 120),
        BrakeTest::CutOut,
        'met: cut out at 120 psi, between 120 and 140 asked',
    ],
    'cut-out low' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 119, 119),
        BrakeTest::CutOut,
        'broken: cut out at 119 psi, between 120 and 140 asked',
    ],
    'cut-out high' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 141, 141),
        BrakeTest::CutOut,
        'broken: cut out at 141 psi, between 120 and 140 asked',
    ],
    'cut-in' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 125, 125)->then(EventKind::CutIn, '', 103, 103, 60_000),
        BrakeTest::CutIn,
        'met: cut in 22 psi below cut-out, between 20 and 25 asked',
    ],
    'cut-in under 100' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 120, 120)->then(EventKind::CutIn, '', 98, 98, 60_000),
        BrakeTest::CutIn,
        'broken: cut in at 98 psi, not under 100 asked',
    ],
    'build-up, interpolated' => [
        fn (Scene $s): Scene => $s->reads(80)->reads(90, afterMs: 20_000)->reads(105, afterMs: 30_000),
        BrakeTest::BuildUp,
        'met: 85 to 100 psi in 30 s, within 45 asked',
    ],
    'build-up at the limit' => [
        fn (Scene $s): Scene => $s->reads(85 - 0.001)->reads(100, afterMs: 45_000),
        BrakeTest::BuildUp,
        'met: 85 to 100 psi in 45 s, within 45 asked',
    ],
    'build-up too slow' => [
        fn (Scene $s): Scene => $s->reads(84)->reads(101, afterMs: 60_000),
        BrakeTest::BuildUp,
        'broken: 85 to 100 psi in 52.9 s, within 45 asked',
    ],
    'build-up under way' => [
        fn (Scene $s): Scene => $s->reads(80)->reads(90, afterMs: 20_000),
        BrakeTest::BuildUp,
        'not-yet: 100 psi was not reached yet',
    ],
]);

it('judges tugs and the rolling stop', function (callable $tell, BrakeTest $test, string $told): void {
    expect($tell((new Scene)->readyToMove())->told($test))->toBe($told);
})->with([
    [fn (Scene $s): Scene => $s->tug('out', 'in'), BrakeTest::TugTractor, 'met: it did not move'],
    [fn (Scene $s): Scene => $s->tug('in', 'out'), BrakeTest::TugTrailer, 'met: it did not move'],
    [fn (Scene $s): Scene => $s->tug('in', 'in', 'held', 'on'), BrakeTest::TugHand, 'met: it did not move'],
    'it moved' => [
        fn (Scene $s): Scene => $s->tug('out', 'in', 'moved'),
        BrakeTest::TugTractor,
        'broken: the vehicle moved: this brake does not hold',
    ],
    'both valves out' => [
        fn (Scene $s): Scene => $s->tug('out', 'out'),
        BrakeTest::TugTractor,
        'broken: tugged with both valves out: which brake held cannot be told',
    ],
    'every brake released' => [
        fn (Scene $s): Scene => $s->tug('in', 'in'),
        BrakeTest::TugTrailer,
        'broken: tugged with every brake released: that proves nothing',
    ],
    'chocks still in' => [
        fn (Scene $s): Scene => $s->then(EventKind::Chocks, 'in')->tug('out', 'in'),
        BrakeTest::TugTractor,
        'broken: the chocks were still in',
    ],
    'no belt' => [
        fn (Scene $s): Scene => $s->then(EventKind::Belt, 'off')->tug('out', 'in'),
        BrakeTest::TugTractor,
        'broken: the seat belt was not on',
    ],
    'not in low gear' => [
        fn (Scene $s): Scene => $s->then(EventKind::Gear, 'other')->tug('out', 'in'),
        BrakeTest::TugTractor,
        'broken: not in low gear',
    ],
    [fn (Scene $s): Scene => $s->rolls(), BrakeTest::Service, 'met: stopped straight'],
    'too fast' => [fn (Scene $s): Scene => $s->rolls(12), BrakeTest::Service, 'broken: rolled at 12 mph, about 5 '.
        'asked'],
    'pulled' => [
        fn (Scene $s): Scene => $s->rolls(5, 'pulled'),
        BrakeTest::Service,
        'broken: pulled to a side: brakes, suspension, tire, ground or load',
    ],
    'still rolling' => [
        fn (Scene $s): Scene => $s
            ->then(EventKind::TractorValve, 'in')
            ->then(EventKind::TrailerValve, 'in')
            ->then(EventKind::Rolling, '', 5),
        BrakeTest::Service,
        'not-yet: still rolling',
    ],
    'stopped without the pedal' => [
        fn (Scene $s): Scene => $s
            ->then(EventKind::TractorValve, 'in')
            ->then(EventKind::TrailerValve, 'in')
            ->then(EventKind::Rolling, '', 5)
            ->then(EventKind::Stopped, 'straight'),
        BrakeTest::Service,
        'broken: stopped without the pedal',
    ],
]);

it('asks for the area to be called clear before rolling', function (): void {
    $scene = (new Scene)->then(EventKind::Engine, 'on')->then(EventKind::Belt, 'on')->rolls();
    expect($scene->told(BrakeTest::Service))->toBe('broken: did not say that the area is clear');
});

const SEVEN = [
    BrakeTest::LeakApplied, BrakeTest::LowAir, BrakeTest::SpringPop, BrakeTest::TugTractor, BrakeTest::TugTrailer,
    BrakeTest::TugHand, BrakeTest::Service,
];

it('passes all seven steps told right, and tells what is to come', function (): void {
    $scene = (new Scene)->ready()->leakTest()->warns()->pops();
    expect($scene->judged(SEVEN)->standing)->toBe(Standing::Open);
    $scene->readyToMove()->tug('out', 'in')->tug('in', 'out')->tug('in', 'in', 'held', 'on')->rolls();
    $judged = $scene->judged(SEVEN);

    expect($judged->standing)
        ->toBe(Standing::Passed)
        ->and($judged->cause)
        ->toBeNull()
        ->and(array_unique(array_map(fn ($step) => $step->outcome, $judged->steps), SORT_REGULAR))
        ->toBe([Outcome::Met]);
});

it('breaks a step that comes before one it has to follow', function (): void {
    $judged = (new Scene())
        ->ready()
        ->warns()
        ->leakTest()
        ->judged([BrakeTest::LeakApplied, BrakeTest::LowAir]);
    expect($judged->standing)
        ->toBe(Standing::Failed)
        ->and($judged->cause?->what)
        ->toBe('out of order: low-air warning came before leak test, brakes applied');
});

it('names what broke first', function (): void {
    $judged = (new Scene)->ready()->leakTest(6)->warns(40)->judged([BrakeTest::LeakApplied, BrakeTest::LowAir]);
    expect($judged->cause?->test)->toBe(BrakeTest::LeakApplied);
});

it('begins again from the beginning as often as the rule allows', function (
    int $allowed, int $times, Standing $standing, bool $may,
): void {
    $scene = (new Scene())->ready();
    for ($n = 0; $n < $times; $n++) {
        $scene->leakTest(6)->then(EventKind::Restarted);
    }
    $judged = $scene->leakTest(2)->judged([BrakeTest::LeakApplied], restarts: $allowed);
    expect($judged->standing)->toBe($standing)->and($judged->mayRestart())->toBe($may);
})->with([
    [0, 0, Standing::Passed, false], [2, 1, Standing::Passed, true], [2, 2, Standing::Passed, false],
    [1, 2, Standing::Failed, false],
    [0, 1, Standing::Failed, false],
]);

it('breaks a right test with a wrong limit stated, and lets the limits of the checklist win', function (): void {
    $scene = (new Scene())
        ->ready()
        ->leakTest()
        ->then(EventKind::Said, Spoken::Limit->value, 5, test: BrakeTest::LeakApplied);
    expect($scene->told(BrakeTest::LeakApplied))
        ->toBe('broken: said 5 as the limit, it is no more than 4')
        ->and(
            (new Scene())
                ->ready()
                ->warns(58)
                ->judged([new StepChoice(BrakeTest::LowAir, limits: new Limits(60, null))])->standing,
        )
        ->toBe(Standing::Failed);
});

it('asks a single vehicle for nothing that a trailer has', function (): void {
    expect(array_map(fn ($step) => $step->test, (new Scene())->judged(SEVEN, combination: false)->steps))->toBe([
        BrakeTest::LeakApplied, BrakeTest::LowAir, BrakeTest::SpringPop, BrakeTest::TugTractor, BrakeTest::Service,
    ]);
});

it(
    'judges the same events the same, and more of what came before changes nothing of a run begun again',
    function (): void {
        $scene = (new Scene())->ready()->leakTest(9)->then(EventKind::Restarted)->leakTest(1);
        $fresh = (new Scene())->ready()->leakTest(1);
        expect($scene->told(BrakeTest::LeakApplied))
            ->toBe($fresh->told(BrakeTest::LeakApplied))
            ->toBe($scene->told(BrakeTest::LeakApplied));
    },
);

it('asks for the limit in words where the checklist does', function (?float $said, string $told): void {
    $scene = (new Scene)->ready()->leakTest();
    $scene = $said === null ? $scene : $scene->then(EventKind::Said, 'limit', $said, test: BrakeTest::LeakApplied);
    $step = $scene->judged([
        new StepChoice(BrakeTest::LeakApplied, say: [Spoken::StartReading, Spoken::EndReading, Spoken::Limit]),
    ])->steps[0];

    expect($step->outcome->value.': '.$step->what)->toBe($told);
})->with([
    [4.0, 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    [3.0, 'broken: said 3 as the limit, it is no more than 4'],
    [null, 'not-yet: still to say: the limit'],
]);

it('takes over what a checklist sets of the leak test', function (
    StepChoice $choice,
    callable $scene,
    string $told,
): void {
    $step = $scene(new Scene())->judged([$choice])->steps[0];
    expect($step->outcome->value.': '.$step->what)->toBe($told);
})->with([
    'begun high enough' => [
        new StepChoice(BrakeTest::LeakApplied, fromPsi: 100),
        fn (Scene $s): Scene => $s->ready()->leakTest(from: 100),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
    'begun too low' => [
        new StepChoice(BrakeTest::LeakApplied, fromPsi: 100),
        fn (Scene $s): Scene => $s->ready()->reads(99)->leakTest(from: 97),
        'broken: begun at 99 psi, at least 100 asked',
    ],
    'high enough before the pedal, too low with it' => [
        new StepChoice(BrakeTest::LeakApplied, fromPsi: 100),
        fn (Scene $s): Scene => $s->ready()->reads(100)->leakTest(from: 96),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
    'not read before the pedal' => [
        new StepChoice(BrakeTest::LeakApplied, fromPsi: 100),
        fn (Scene $s): Scene => $s->ready()->leakTest(from: 99),
        'not-judged: what did the gauges show before the minute was begun?',
    ],
    'a wider minute' => [
        new StepChoice(BrakeTest::LeakApplied, slackSeconds: 5),
        fn (Scene $s): Scene => $s->ready()->leakTest(ms: 55_000),
        'met: lost 2 psi in 55 s, 4 allowed for a combination',
    ],
    'not as wide as that' => [
        new StepChoice(BrakeTest::LeakApplied, slackSeconds: 5),
        fn (Scene $s): Scene => $s->ready()->leakTest(ms: 54_900),
        'broken: the minute was cut to 54.9 s',
    ],
    'first drop left out' => [
        new StepChoice(BrakeTest::LeakApplied),
        fn (Scene $s): Scene => $s->ready()->reads(125)->leakTest(),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
    'first drop counted' => [
        new StepChoice(BrakeTest::LeakApplied, countsFirstDrop: true),
        fn (Scene $s): Scene => $s->ready()->reads(125)->leakTest(from: 122),
        'broken: lost 5 psi in 60 s, 4 allowed for a combination',
    ],
    'chocks not asked' => [
        new StepChoice(BrakeTest::LeakApplied, needs: [StateNeed::EngineOff]),
        fn (Scene $s): Scene => $s->ready()->then(EventKind::Chocks, 'out')->leakTest(),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
    'the belt asked too' => [
        new StepChoice(BrakeTest::LeakApplied, needs: [StateNeed::EngineOff, StateNeed::BeltOn]),
        fn (Scene $s): Scene => $s->ready()->leakTest(),
        'broken: the seat belt was not on',
    ],
]);

it('holds every test to the states that the checklist asks of it', function (BrakeTest $test, callable $scene): void {
    $outcome = static fn (array $needs): string => $scene(new Scene())->judged([new StepChoice($test, needs: $needs)])
        ->steps[0]->outcome->value;

    expect($outcome([]))
        ->toBe('met')
        ->and($outcome([StateNeed::BeltOn]))
        ->toBe($test->value === 'service' || str_starts_with($test->value, 'tug') ? 'met' : 'broken')
        ->and($outcome([StateNeed::BeltOn, StateNeed::EngineOn, StateNeed::EngineOff]))
        ->toBe('broken');
})->with([
    'cut-out' => [
        BrakeTest::CutOut,
        fn (Scene $s): Scene => $s->then(EventKind::Engine, 'on')->then(EventKind::CutOut, '', 125, 125),
    ],
    'cut-in' => [
        BrakeTest::CutIn,
        fn (Scene $s): Scene => $s
            ->then(EventKind::Engine, 'on')
            ->then(EventKind::CutOut, '', 125, 125)
            ->then(EventKind::CutIn, '', 103, 103),
    ],
    'build-up' => [
        BrakeTest::BuildUp,
        fn (Scene $s): Scene => $s
            ->then(EventKind::Engine, 'on')
            ->reads(80)
            ->reads(90, afterMs: 10_000)
            ->reads(101, afterMs: 10_000),
    ],
    'leak' => [BrakeTest::LeakApplied, fn (Scene $s): Scene => $s->ready()->leakTest()],
    'warning' => [BrakeTest::LowAir, fn (Scene $s): Scene => $s->ready()->warns()],
    'valves' => [BrakeTest::SpringPop, fn (Scene $s): Scene => $s->ready()->pops()],
    'tug' => [BrakeTest::TugTractor, fn (Scene $s): Scene => $s->readyToMove()->tug('out', 'in')],
    'service' => [BrakeTest::Service, fn (Scene $s): Scene => $s->readyToMove()->rolls()],
]);

it('says that it was begun again too often, where nothing else broke it', function (
    int $restarts,
    Standing $standing,
    ?string $cause,
): void {
    $scene = (new Scene())->then(EventKind::Restarted)->then(EventKind::Restarted)->ready()->leakTest();
    $judged = $scene->judged([BrakeTest::LeakApplied], restarts: $restarts);

    expect([$judged->standing, $judged->causeTold()])->toBe([$standing, $cause]);
})->with([
    [2, Standing::Passed, null],
    [1, Standing::Failed, 'leak test, brakes applied: restarted 2 times, 1 allowed'],
    [0, Standing::Failed, 'leak test, brakes applied: restarted 2 times, 0 allowed'],
]);

it('tells a student what each test needs, cautions first, as it stands in the rule', function (): void {
    foreach (BrakeTest::cases() as $test) {
        foreach ([true, false] as $combination) {
            $needs = StepInstructions::of($test->procedure()->usual($combination), $combination);
            expect($needs)
                ->not->toBe([])
                ->and(array_unique($needs))
                ->toBe($needs)
                ->and($needs[0])
                ->toBeIn(['wheels chocked while brakes are released', 'nobody under the vehicle', 'area clear']);
        }
    }
    expect(
        StepInstructions::of(
            (new BrakedVehicle())->rule(
                new StepChoice(BrakeTest::LeakApplied, needs: [StateNeed::BeltOn], fromPsi: 100, say: []),
            ),
            true,
        ),
    )->toBe([
        'nobody under the vehicle', 'belt on', 'at least 100 psi to begin with', 'full pedal, gauges still',
        'a whole minute',
    ]);
});

it('takes a reading that was only said for one of the minute if it was said near it', function (
    int $beforeMs,
    string $told,
): void {
    $scene = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->then(EventKind::Said, Spoken::EndReading->value, 90)
        ->then(EventKind::Said, Spoken::StartReading->value, 120)
        ->then(EventKind::Said, Spoken::StartReading->value, afterMs: $beforeMs)
        ->then(EventKind::MinuteStarted, afterMs: 0)
        ->reads(118, afterMs: 60_000)
        ->then(EventKind::MinuteEnded, afterMs: 0)
        ->then(EventKind::Said, Spoken::EndReading->value);
    expect($scene->told(BrakeTest::LeakApplied))->toBe($told);
})->with([
    'just before' => [1_000, 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    'a quarter of a minute before' => [15_000, 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    'longer before' => [15_001, 'not-judged: what did the gauges show at the start of the minute?'],
]);

it('takes low pressure for a governor that never cut in only after it cut out, with the engine running', function (
    callable $scene,
    string $told,
): void {
    expect($scene((new Scene())->then(EventKind::Engine, 'on'))->told(BrakeTest::CutIn))->toStartWith($told);
})->with([
    'while pressure was built' => [
        fn (Scene $s): Scene => $s->reads(60)->then(EventKind::CutOut, '', 124, 124),
        'not-done',
    ],
    'with the engine off' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 124, 124)->then(EventKind::Engine, 'off')->reads(60),
        'not-done',
    ],
    'fanned down with it running' => [
        fn (Scene $s): Scene => $s->then(EventKind::CutOut, '', 124, 124)->reads(60),
        'broken: did not cut in down to 60 psi',
    ],
]);

it('counts the times that the tests were restarted without an event of it', function (
    int $elsewhere,
    Standing $standing,
): void {
    $judge = new Judge(new Sequence([new StepChoice(BrakeTest::LowAir)], 1), new BrakedVehicle());
    $judged = $judge->judge((new Scene())->then(EventKind::Key, 'on')->warns()->events, $elsewhere);

    expect($judged->standing)->toBe($standing)->and($judged->restarts)->toBe($elsewhere);
})->with(['as often as is let pass' => [1, Standing::Passed], 'once more' => [2, Standing::Failed]]);

it('takes no reading for the end of the minute once something changes the pressures', function (
    callable $touch,
    string $told,
): void {
    $scene = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->reads(120)
        ->then(EventKind::Said, Spoken::StartReading->value)
        ->then(EventKind::MinuteStarted, afterMs: 0)
        ->then(EventKind::MinuteEnded, afterMs: 60_000);
    expect(
        $touch($scene)->reads(118)->then(EventKind::Said, Spoken::EndReading->value)->told(BrakeTest::LeakApplied),
    )->toBe($told);
})->with([
    'nothing touched' => [fn (Scene $s): Scene => $s, 'met: lost 2 psi in 60 s, 4 allowed for a combination'],
    'the belt put on' => [
        fn (Scene $s): Scene => $s->then(EventKind::Belt, 'on'),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
    'the pedal let up' => [
        fn (Scene $s): Scene => $s->then(EventKind::Pedal, 'up'),
        'met: lost 2 psi in 60 s, 4 allowed for a combination',
    ],
    'the pedal pressed again' => [
        fn (Scene $s): Scene => $s->then(EventKind::Pedal, 'up')->then(EventKind::Pedal, 'down'),
        'not-judged: what did the gauges show at the end of the minute?',
    ],
    'the engine started' => [
        fn (Scene $s): Scene => $s->then(EventKind::Engine, 'on'),
        'not-judged: what did the gauges show at the end of the minute?',
    ],
    'a valve pulled' => [
        fn (Scene $s): Scene => $s->then(EventKind::TractorValve, 'out'),
        'not-judged: what did the gauges show at the end of the minute?',
    ],
]);

it('asks about the moment at which the answer belongs', function (callable $scene, BrakeTest $test): void {
    $events = $scene((new Scene)->ready())->events;
    $judge = new Judge(new Sequence([new StepChoice($test)], 0), new BrakedVehicle);
    $asked = $judge->judge($events)->steps[0];
    $events[] = new BrakeEvent((int) $asked->atMs, EventKind::Reading, '', 60, 60);
    usort($events, static fn (BrakeEvent $a, BrakeEvent $b): int => $a->atMs <=> $b->atMs);

    expect($asked->outcome)
        ->toBe(Outcome::NotJudged)
        ->and($judge->judge($events)->steps[0]->outcome)
        ->toBe(Outcome::Met);
})->with([
    'the start of a minute' => [
        fn (Scene $s): Scene => $s
            ->then(EventKind::Pedal, 'down')
            ->then(EventKind::Said, 'start-reading')
            ->then(EventKind::MinuteStarted)
            ->then(EventKind::MinuteEnded, afterMs: 59_000)
            ->reads(60)
            ->then(EventKind::Said, 'end-reading'),
        BrakeTest::LeakApplied,
    ],
    'its end' => [
        fn (Scene $s): Scene => $s
            ->then(EventKind::Pedal, 'down')
            ->reads(60)
            ->then(EventKind::Said, 'start-reading')
            ->then(EventKind::MinuteStarted, afterMs: 0)
            ->then(EventKind::MinuteEnded, afterMs: 60_000)
            ->then(EventKind::Said, 'end-reading'),
        BrakeTest::LeakApplied,
    ],
    'the warning' => [fn (Scene $s): Scene => $s->then(EventKind::Warning), BrakeTest::LowAir],
]);

it('tells each test by itself, so that one slip is not a slip in all, and leaves out what was not come to', function (
    float $lost, int $ms, array $right,
): void {
    $judged = (new Scene())->ready()->leakTest($lost, $ms)->judged([
        BrakeTest::LeakApplied, BrakeTest::LowAir, BrakeTest::TugTractor,
    ]);

    expect($judged->byComponent())->toBe($right);
})->with([
    'done right' => [2, 60_000, ['test.leak_applied' => true]],
    'the minute cut short' => [2, 52_000, ['test.leak_applied' => false]],
    'done right on a vehicle that leaks' => [9, 60_000, ['test.leak_applied' => true]],
]);
