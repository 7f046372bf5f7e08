<?php

declare(strict_types=1);

use Pasada\Core\Scoring\Order\LongestIncreasing;

it('finds the places of a longest increasing run', function (array $values, array $places): void {
    expect(LongestIncreasing::places($values))->toBe($places);
})->with([
    'nothing' => [[], []],
    'one' => [[7], [0]],
    'in order' => [[1, 2, 3], [0, 1, 2]],
    'backwards' => [[3, 2, 1], [2]],
    'one stray early' => [[5, 1, 2, 3], [1, 2, 3]],
    'one stray late' => [[1, 2, 3, 0], [0, 1, 2]],
    'equal values are no increase' => [[2, 2, 2], [2]],
    'a swap costs one' => [[1, 3, 2, 4], [0, 2, 3]],
]);

it('is as long as trying every subset finds, and increasing', function (): void {
    // Every order of six items: 720 of them, each against 64 subsets.
    $permute = static function (array $rest, array $head, callable $each) use (&$permute): void {
        if ($rest === []) {
            $each($head);
        }
        foreach ($rest as $key => $value) {
            $permute(array_diff_key($rest, [$key => 0]), [...$head, $value], $each);
        }
    };
    $permute([0, 1, 2, 3, 4, 5], [], static function (array $values): void {
        $best = 0;
        for ($subset = 0; $subset < 64; $subset++) {
            $chosen = array_values(
                array_filter(
                    $values,
                    static fn (int $place): bool => (($subset >> $place) & 1) === 1,
                    ARRAY_FILTER_USE_KEY,
                ),
            );
            $sorted = $chosen;
            sort($sorted);
            $best = max($best, $sorted === $chosen ? count($chosen) : 0);
        }
        $found = array_map(static fn (int $place): int => $values[$place], LongestIncreasing::places($values));
        $sorted = $found;
        sort($sorted);
        if (count($found) !== $best || $sorted !== $found) {
            throw new RuntimeException('Wrong for '.implode(' ', $values));
        }
    });
})->throwsNoExceptions();
