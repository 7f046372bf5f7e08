<?php

declare(strict_types=1);

use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Events\BrakeEvent;
use Pasada\Core\Brakes\Events\EventKind;
use Pasada\Core\Brakes\Judging\Judge;
use Pasada\Core\Brakes\Judging\Judgment;
use Pasada\Core\Brakes\Judging\JudgmentWriter;
use Pasada\Core\Brakes\Sequence;
use Pasada\Core\Brakes\StepChoice;

/** Governor cut-out at a pressure, restarted so often before, once being allowed. */
function cutOutAt(?float $psi, int $restarts = 0): Judgment
{
    $events = [
        ...array_fill(0, $restarts, new BrakeEvent(0, EventKind::Restarted)),
        new BrakeEvent(1000, EventKind::Engine, 'on'),
        ...$psi === null ? [] : [new BrakeEvent(2000, EventKind::CutOut, '', $psi, $psi)],
    ];

    return (new Judge(new Sequence([new StepChoice(BrakeTest::CutOut)], 1), new BrakedVehicle))->judge($events);
}

it('writes a judgment as it is read', function (Judgment $judged, string $text): void {
    expect(JudgmentWriter::text($judged))->toBe($text);
})->with([
    'passed' => fn (): array => [
        cutOutAt(125),
        "Passed.\n  met        governor cut-out: cut out at 125 psi, between 120 and 140 asked\nRestarted 0 of 1 ".
            'times.',
    ],
    'failed' => fn (): array => [
        cutOutAt(100),
        "Failed. First: governor cut-out: cut out at 100 psi, between 120 and 140 asked.\n".
            "  broken     governor cut-out: cut out at 100 psi, between 120 and 140 asked\nRestarted 0 of 1 times.",
    ],
    'open' => fn (): array => [
        cutOutAt(null),
        "Open.\n  not-done   governor cut-out: not done\nRestarted 0 of 1 times.",
    ],
]);

it('tells the cause in the open format', function (Judgment $judged, ?array $cause, bool $mayRestart): void {
    $written = JudgmentWriter::write($judged);

    expect([$written['cause'], $written['may_restart']])->toBe([$cause, $mayRestart]);
})->with([
    'none' => fn (): array => [cutOutAt(125), null, true],
    'none, restarted once' => fn (): array => [cutOutAt(125, 1), null, false],
    'a step' => fn (): array => [
        cutOutAt(100),
        ['test' => 'cut-out', 'what' => 'cut out at 100 psi, between 120 and 140 asked', 'at_ms' => 2000],
        true,
    ],
    'too many restarts' => fn (): array => [
        cutOutAt(125, 2), ['test' => 'cut-out', 'what' => 'restarted 2 times, 1 allowed', 'at_ms' => null], false,
    ],
]);

it('writes every field of the open format', function (): void {
    expect(json_decode((string) json_encode(JudgmentWriter::write(cutOutAt(100, 1))), true))->toBe([
        'standing' => 'failed',
        'cause' => ['test' => 'cut-out', 'what' => 'cut out at 100 psi, between 120 and 140 asked', 'at_ms' => 2000],
        'steps' => [
            [
                'test' => 'cut-out',
                'outcome' => 'broken',
                'what' => 'cut out at 100 psi, between 120 and 140 asked',
                'figures' => ['psi' => 100],
                'at_ms' => 2000,
                'of_vehicle' => true,
            ],
        ],
        'restarts' => 1,
        'restarts_allowed' => 1,
        'may_restart' => false,
    ]);
});

it('tells a judgment of several steps line by line', function (): void {
    $steps = [new StepChoice(BrakeTest::CutOut), new StepChoice(BrakeTest::LowAir)];
    $judgment = (new Judge(new Sequence($steps, 2), new BrakedVehicle))->judge([
        new BrakeEvent(0, EventKind::Restarted),
        new BrakeEvent(1000, EventKind::Engine, 'on'),
        new BrakeEvent(2000, EventKind::CutOut, '', 125.0, 125.0),
    ]);

    expect(JudgmentWriter::text($judgment))->toBe(implode("\n", [
        'Open.',
        '  met        governor cut-out: cut out at 125 psi, between 120 and 140 asked',
        '  not-done   low-air warning: not done',
        'Restarted 1 of 2 times.',
    ]));
});
