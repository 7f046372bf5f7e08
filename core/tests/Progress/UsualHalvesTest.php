<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Progress\UsualHalves;
use Pasada\Core\Tests\Sample;

/** @param  list<PointSet>  $halves @return list<list<string>> */
function codesOf(array $halves): array
{
    return array_map(
        static fn (PointSet $set): array => array_map(
            static fn (Point $point): string => $point->value,
            $set->points(),
        ),
        $halves,
    );
}

it('guesses what is essential where nothing was heard yet', function (): void {
    foreach (Sample::inspection()->items as $item) {
        $first = (new UsualHalves([]))->likeliest($item, 1)[0];

        expect($item->essential->includes($first))->toBeTrue();
        if (! $item->essential->includes($item->points)) {
            expect($first->bits)->toBe($item->essential->bits);
        }
    }
});

it('learns what is left out from what was half said, and not from what was said whole', function (): void {
    $item = Sample::inspection()->items['engine.oil_level'];
    [$first, $second] = [$item->points->points()[0], $item->points->points()[1]];
    $learned = new UsualHalves([
        'engine.oil_level' => [[PointSet::of($second), 20], [$item->points, 500]],
    ]);

    expect(codesOf($learned->likeliest($item, 1)))->toBe([[$second->value]])
        ->and($learned->likeliest($item, 1)[0]->has($first))
        ->toBeFalse();
});

it('never guesses all of it, nor the same twice, and as many as there are', function (): void {
    foreach (Sample::inspection()->items as $item) {
        $halves = (new UsualHalves([]))->likeliest($item, 1000);
        $bits = array_map(static fn (PointSet $set): int => $set->bits, $halves);

        expect($bits)->toHaveCount(2 ** $item->points->count() - 1)
            ->and(array_unique($bits))
            ->toHaveCount(count($bits))
            ->and($bits)
            ->not->toContain($item->points->bits);
    }
});
