<?php

declare(strict_types=1);

use Pasada\Core\Progress\History\PastAttempt;
use Pasada\Core\Progress\Readiness\Conduct;
use Pasada\Core\Tests\Sample;

/**
 * @param  array<string, mixed>  $rules
 * @param  list<array{int|null, int|null}>  $walks  seconds and items out of order, oldest first
 */
function conductOf(array $rules, array $walks): Conduct
{
    $attempts = [];
    foreach ($walks as $n => [$seconds, $out]) {
        $attempts[] = new PastAttempt(20_000 + $n, 'a', [], $seconds, $out);
    }

    return Conduct::of(Sample::checklist($rules)->rules, $attempts);
}

it('says nothing where time and order do not decide, or where they were never seen', function (
    array $rules, array $walks,
): void {
    expect(conductOf($rules, $walks)->marks)->toBe([])->and(conductOf($rules, $walks)->chance())->toBe(1.0);
})->with([
    'a remark only' => [['time_allowed_seconds' => 600, 'over_time' => 'remark'], [[900, 9]]],
    'never seen' => [['time_allowed_seconds' => 600, 'over_time' => 'fails'], [[null, null]]],
    'no attempt' => [['time_allowed_seconds' => 600, 'over_time' => 'fails'], []],
]);

it('thinks more of who was quicker, and of who was quicker lately', function (): void {
    $rules = ['time_allowed_seconds' => 600, 'over_time' => 'fails'];
    $chance = static fn (int ...$seconds): float => (float) conductOf(
        $rules, array_map(static fn (int $one): array => [$one, null], array_values($seconds)),
    )->chance();

    expect($chance(400, 420))->toBeGreaterThan($chance(560, 580))
        ->and($chance(800, 500))->toBeGreaterThan($chance(500, 800))
        ->and($chance(400, 420, 410))->toBeLessThan(1.0)
        ->and($chance(900, 950))->toBeGreaterThan(0.0)
        ->and($chance(900, 950))->toBeLessThan(0.5);
});

it('thinks the less of an order the more was out of it', function (): void {
    $rules = ['pass' => ['overall_percent' => 80, 'out_of_place_allowed' => 3, 'note' => 'set yours']];
    $chance = static fn (int ...$out): float => (float) conductOf(
        $rules, array_map(static fn (int $one): array => [null, $one], array_values($out)),
    )->chance();

    expect($chance(0, 0, 0))->toBeGreaterThan($chance(3, 3, 3))
        ->and($chance(3, 3, 3))->toBeGreaterThan($chance(9, 9, 9))
        ->and(array_keys(conductOf($rules, [[null, 2]])->marks))->toBe(['at most 3 items out of order']);
});
