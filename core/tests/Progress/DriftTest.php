<?php

declare(strict_types=1);

use Pasada\Core\Progress\Health\Drift;
use Pasada\Core\Progress\Health\Way;

/**
 * @param  list<float>  $more
 * @return list<array{kappa: int|null, more: float}>
 */
function sharedWalks(array $more, int $kappa = 800): array
{
    return array_map(static fn (float $one): array => ['kappa' => $kappa, 'more' => $one], $more);
}

it('tells which way a scorer has moved', function (array $more, Way $way): void {
    expect(Drift::of(sharedWalks($more))->way)->toBe($way);
})->with([
    'milder now' => [[0.0, 1.0, 0.5, 6.0, 7.0, 6.5], Way::Milder],
    'stricter now' => [[6.0, 7.0, 6.5, 0.0, 1.0, 0.5], Way::Stricter],
    'as before' => [[1.0, 2.0, 1.5, 1.0, 2.0, 1.5], Way::Alike],
    'sure, and too little to talk about' => [[1.0, 1.0, 1.0, 2.0, 2.0, 2.0], Way::Alike],
    'far, and quite unsure' => [[-20.0, 20.0, 0.0, -15.0, 25.0, 2.0], Way::Alike],
    'too few walks' => [[0.0, 0.0, 9.0, 9.0, 9.0], Way::Unknown],
    'none' => [[], Way::Unknown],
]);

it('keeps kappa of both halves, of walks that have one', function (): void {
    $shared = [...sharedWalks([0.0, 0.0, 0.0], 900), ...sharedWalks([0.0, 0.0], 500), ['kappa' => null, 'more' => 0.0]];

    expect(Drift::of($shared))->kappaBefore->toBe(900)->kappaNow->toBe(500);
});

it('is the other way round where time runs backward', function (array $more): void {
    expect(Drift::of(sharedWalks($more))->itemsOf100)
        ->toEqualWithDelta(-(Drift::of(sharedWalks(array_reverse($more)))->itemsOf100 ?? 0.0), 1e-9);
})->with([[[0.0, 1.0, 0.5, 6.0, 7.0, 6.5]], [[3.0, 1.0, -2.5, 0.0, 7.0, 6.5]]]);
