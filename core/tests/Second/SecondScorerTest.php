<?php

declare(strict_types=1);

use Pasada\Core\Tests\Second\Disagreement;

pest()->group('properties');

// A hundred chance walks each: 2000 in all. `./pasada bench second` runs a hundred thousand.
it('agrees with a second scorer that was written from the rules alone', function (int $from): void {
    $found = [];
    foreach (range($from, $from + 99) as $seed) {
        foreach (Disagreement::of($seed) as $difference) {
            $found[] = "seed $seed: $difference";
        }
    }

    expect($found)->toBe([]);
})->with(range(1, 1901, 100));
