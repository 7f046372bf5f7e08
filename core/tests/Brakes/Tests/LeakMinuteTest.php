<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Tests\Brakes\Scene;

/** A leak test of a minute in the middle of which something is done. */
function minuteWith(EventKind $kind, string $to, bool $applied): string
{
    $scene = (new Scene)->ready();
    $scene = $applied ? $scene->then(EventKind::Pedal, 'down') : $scene;
    $scene->reads(120)
        ->then(EventKind::Said, Spoken::StartReading->value)
        ->then(EventKind::MinuteStarted, afterMs: 0)
        ->then($kind, $to, afterMs: 30_000)
        ->reads(119, afterMs: 30_000)
        ->then(EventKind::MinuteEnded, afterMs: 0)
        ->then(EventKind::Said, Spoken::EndReading->value);
    $step = $scene->judged([$applied ? BrakeTest::LeakApplied : BrakeTest::LeakReleased])->steps[0];

    return $step->outcome->value.': '.$step->what;
}

it('lets the minute stand where what is done changes nothing', function (
    EventKind $kind,
    string $to,
    bool $applied,
): void {
    expect(minuteWith($kind, $to, $applied))->toStartWith('met: lost 1 psi');
})->with([
    'the pedal pressed on' => [EventKind::Pedal, 'down', true],
    'the pedal let up again, brakes released' => [EventKind::Pedal, 'up', false],
    'the engine still off' => [EventKind::Engine, 'off', true],
    'the tractor valve still in' => [EventKind::TractorValve, 'in', true],
    'the trailer valve still in' => [EventKind::TrailerValve, 'in', false],
    'the chocks still in' => [EventKind::Chocks, 'in', true],
    'the key still on' => [EventKind::Key, 'on', false],
    'the belt' => [EventKind::Belt, 'on', true],
]);

it('breaks the minute where it is disturbed', function (EventKind $kind, string $to, bool $applied, string $why): void {
    expect(minuteWith($kind, $to, $applied))->toBe("broken: $why within the minute");
})->with([
    [EventKind::Pedal, 'up', true, 'the pedal was let up'],
    [EventKind::Pedal, 'down', false, 'the pedal was pressed'],
    [EventKind::Engine, 'on', true, 'the engine was started'],
    [EventKind::TractorValve, 'out', true, 'a valve was pulled'],
    [EventKind::TrailerValve, 'out', false, 'a valve was pulled'],
    [EventKind::Chocks, 'out', false, 'the chocks were taken out'],
    [EventKind::Key, 'off', true, 'the key was turned off'],
]);

it('hears a reading from twelve seconds before its moment to twelve behind it', function (
    int $afterMs,
    bool $isHeard,
): void {
    $scene = (new Scene())
        ->ready()
        ->then(EventKind::Pedal, 'down')
        ->reads(120)
        ->then(EventKind::Said, Spoken::StartReading->value)
        ->then(EventKind::MinuteStarted, afterMs: $afterMs)
        ->reads(120)
        ->reads(119, afterMs: 59_000)
        ->then(EventKind::MinuteEnded, afterMs: 0)
        ->then(EventKind::Said, Spoken::EndReading->value, afterMs: $afterMs)
        ->then(EventKind::Belt, 'on', afterMs: 60_000);

    expect($scene->judged([BrakeTest::LeakApplied])->steps[0]->outcome->value)->toBe($isHeard ? 'met' : 'broken');
})->with([[0, true], [12_000, true], [12_001, false]]);

it('counts as the start what is read with the pedal down, to a thousandth of a psi', function (
    float $lost,
    string $outcome,
): void {
    $scene = (new Scene())->ready()->reads(130)->leakTest($lost);

    expect($scene->judged([BrakeTest::LeakApplied])->steps[0]->outcome->value)->toBe($outcome);
})->with([[3.999, 'met'], [4.0, 'met'], [4.0004, 'met'], [4.001, 'broken']]);
