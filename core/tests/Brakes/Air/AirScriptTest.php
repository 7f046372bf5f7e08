<?php

declare(strict_types=1);

use Pasada\Core\Brakes\Air\AirScript;
use Pasada\Core\Document\DocumentHasFaults;

/** @param  array<string, mixed>  $fields */
function script(array $fields): AirScript
{
    return AirScript::read((string) json_encode(['until_ms' => 1000, 'events' => [], ...$fields]));
}

it('takes a start pressure and a length within what a truck and an hour can be', function (array $fields): void {
    expect(script($fields)->untilMs)->toBe($fields['until_ms'] ?? 1000)
        ->and(script($fields)->startPsi)->toBe((float) ($fields['start_psi'] ?? 0));
})->with([
    [[]], [['start_psi' => 0]], [['start_psi' => 150]], [['until_ms' => 0]], [['until_ms' => 3_600_000]],
]);

it('refuses what no truck and no hour can be, naming the place', function (array $fields, string $fault): void {
    expect(fn () => script($fields))->toThrow(DocumentHasFaults::class, $fault);
})->with([
    [['start_psi' => 151], 'start_psi: asks for a whole number from 0 to 150'],
    [['start_psi' => -1], 'start_psi: asks for a whole number from 0 to 150'],
    [['until_ms' => 3_600_001], 'until_ms: asks for a whole number from 0 to 3600000'],
    [['until_ms' => -1], 'until_ms: asks for a whole number from 0 to 3600000'],
    [['speed' => 2], 'speed: is not known here'],
]);
