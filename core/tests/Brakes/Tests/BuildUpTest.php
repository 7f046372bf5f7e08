<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Tests\Brakes\Scene;

/** @param  list<array{int, float, float}>  $readings  ms since the one before, primary and secondary psi */
function builtUp(array $readings): string
{
    $scene = (new Scene)->then(EventKind::Engine, 'on');
    foreach ($readings as [$afterMs, $primary, $secondary]) {
        $scene->reads($primary, $secondary, $afterMs);
    }
    $step = $scene->judged([BrakeTest::BuildUp])->steps[0];

    return $step->outcome->value.': '.$step->what;
}

it('times the lower gauge from 85 to 100 psi, between readings in proportion', function (
    array $readings,
    string $told,
): void {
    expect(builtUp($readings))->toBe($told);
})->with([
    'read at both' => [
        [[0, 80, 80], [10_000, 85, 85], [45_000, 100, 100]],
        'met: 85 to 100 psi in 45 s, within 45 asked',
    ],
    'a second too long' => [
        [[0, 80, 80], [10_000, 85, 85], [46_000, 100, 100]],
        'broken: 85 to 100 psi in 46 s, within 45 asked',
    ],
    'between readings' => [
        [[0, 80, 80], [10_000, 90, 90], [20_000, 110, 110]],
        'met: 85 to 100 psi in 15 s, within 45 asked',
    ],
    'the slower gauge' => [
        [[0, 80, 60], [10_000, 110, 80], [10_000, 110, 90], [30_000, 110, 105]],
        'met: 85 to 100 psi in 25 s, within 45 asked',
    ],
    'both in one reading' => [[[0, 80, 80], [10_000, 105, 105]], 'met: 85 to 100 psi in 6 s, within 45 asked'],
    'above it all the time' => [[[0, 90, 90], [10_000, 110, 110]], 'not-done: not done'],
    'from 85 exactly' => [[[0, 85, 85], [10_000, 110, 110]], 'not-done: not done'],
    'on its way' => [[[0, 80, 80], [10_000, 99, 99]], 'not-yet: 100 psi was not reached yet'],
    'one reading' => [[[0, 90, 90]], 'not-done: not done'],
]);

it('is timed with the engine running', function (): void {
    $scene = (new Scene)->reads(80)->reads(105)->then(EventKind::Engine, 'on');

    expect($scene->judged([BrakeTest::BuildUp])->steps[0]->outcome->value)->toBe('not-done');
});
