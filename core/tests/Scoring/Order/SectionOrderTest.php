<?php

declare(strict_types=1);

use Pasada\Core\Scoring\Order\LongestIncreasing;
use Pasada\Core\Scoring\Order\SectionOrder;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__.'/everyOrder.php';

/** How many items an order of sections keeps. @param  list<string>  $order */
function keptUnder(array $order, array $sections, array $ranks): int
{
    $at = array_flip($order);

    return count(
        LongestIncreasing::places(
            array_map(static fn (string $section, int $rank): int => $at[$section] * 1000 + $rank, $sections, $ranks),
        ),
    );
}

it('takes the order of sections that is fairest', function (string $walk, string $order): void {
    expect(implode('', SectionOrder::best(str_split($walk), range(1, strlen($walk)))))->toBe($order);
})->with([
    'as they were walked' => ['aabbcc', 'abc'],
    'one item said early' => ['cabbbaacccc', 'bac'],
    'one item added late' => ['aaabbbccca', 'abc'],
    'an item early and one late' => ['caaaabbbbccccb', 'abc'],
    'one section only' => ['aaa', 'a'],
]);

it('loses one item, and not all the others, to one said early', function (): void {
    $sections = str_split('c'.str_repeat('a', 7).str_repeat('b', 7).str_repeat('c', 7));
    $ranks = range(1, 22);

    expect(keptUnder(SectionOrder::best($sections, $ranks), $sections, $ranks))->toBe(21);
});

it('finds what trying every order finds', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $names = array_slice(['a', 'b', 'c', 'd', 'e'], 0, $random->getInt(2, 5));
    $count = $random->getInt(4, 24);
    $sections = $ranks = [];
    for ($n = 0; $n < $count; $n++) {
        // Mostly a walk in stretches, with strays.
        $sections[] =
            $random->getInt(0, 3) === 0 || $n === 0 ? $names[$random->getInt(0, count($names) - 1)] : $sections[$n - 1];
        $ranks[] = $random->getInt(0, 30) * 30 + $n;
    }
    $walked = array_values(array_unique($sections));
    $best = max(
        array_map(
            static fn (array $order): int => keptUnder($order, $sections, $ranks),
            iterator_to_array(everyOrder($walked), false),
        ),
    );

    expect(keptUnder(SectionOrder::best($sections, $ranks), $sections, $ranks))->toBe($best);
})->with(range(1, 120));

it('is exact with twelve sections that are all come back to', function (): void {
    // Each is touched once in reverse and then walked with three items: the second time is the one to keep.
    $names = str_split('abcdefghijkl');
    $sections = [
        ...array_reverse($names),
        ...array_merge(...array_map(static fn (string $name): array => [$name, $name, $name], $names)),
    ];
    $ranks = range(1, count($sections));

    expect(keptUnder(SectionOrder::best($sections, $ranks), $sections, $ranks))->toBe(37);
});
