<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Tests\Brakes\Scene;

function springs(Scene $scene, bool $combination = true): string
{
    $step = $scene->judged([BrakeTest::SpringPop], $combination)->steps[0];

    return $step->outcome->value.': '.$step->what;
}

it('holds a hand on a valve against the student only where that valve should come out by itself', function (
    callable $tell,
    string $told,
): void {
    expect(springs($tell((new Scene)->ready())))->toBe($told);
})->with([
    'nothing touched' => [fn (Scene $s): Scene => $s->pops(), 'met: came out at 38 psi (trailer) and 32 psi (tractor)'],
    'pulled before it came out' => [
        fn (Scene $s): Scene => $s->reads(60)->then(EventKind::TractorValve, 'out')->pops(),
        'broken: the tractor valve was pulled by hand; it has to come out by itself',
    ],
    'the other one pulled' => [
        fn (Scene $s): Scene => $s->reads(60)->then(EventKind::TrailerValve, 'out')->pops(),
        'broken: the trailer valve was pulled by hand; it has to come out by itself',
    ],
    'pushed back' => [
        fn (Scene $s): Scene => $s->pops()->then(EventKind::TrailerValve, 'in'),
        'broken: the trailer valve was pushed back in after it had come out',
    ],
    'pulled once both are out' => [
        fn (Scene $s): Scene => $s->pops()->then(EventKind::TractorValve, 'out'),
        'met: came out at 38 psi (trailer) and 32 psi (tractor)',
    ],
    'pushed in again with the engine on' => [
        fn (Scene $s): Scene => $s->pops()->then(EventKind::Engine, 'on')->then(EventKind::TractorValve, 'in'),
        'met: came out at 38 psi (trailer) and 32 psi (tractor)',
    ],
    'a valve that was out already' => [
        fn (Scene $s): Scene => $s->then(EventKind::Engine, 'on')
            ->then(EventKind::TrailerValve, 'out')
            ->then(EventKind::Engine, 'off')
            ->reads(60)
            ->then(EventKind::TrailerValve, 'out')
            ->reads(44)
            ->then(EventKind::Popped, 'both', 30, 30),
        'met: came out at 30 psi (trailer) and 30 psi (tractor)',
    ],
]);

it('asks of a single vehicle only its one valve', function (): void {
    $scene = (new Scene)->ready()->reads(50)->then(EventKind::Popped, 'tractor', 31, 31);

    expect(springs($scene, false))->toBe('met: came out at 31 psi (tractor)')
        ->and(springs($scene))->toBe('not-yet: the trailer valve is still in');
});

it('takes valves that never come out for the fault of the vehicle', function (float $down, string $told): void {
    expect(springs((new Scene)->ready()->reads(40)->reads($down)))->toBe($told);
})->with([
    [20.0, 'not-done: not done'], [19.9, 'broken: no valve came out down to 19.9 psi, between 20 and 45 asked'],
]);
