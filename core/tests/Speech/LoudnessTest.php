<?php

declare(strict_types=1);

use Pasada\Core\Speech\Loudness;

/** @param  list<array{int, int}>  $stretches  milliseconds, and how loud (0 to 32767) */
function loudnessOf(array $stretches): Loudness
{
    return Loudness::of(array_map(static function (array $stretch): string {
        [$lasts, $loud] = $stretch;
        $samples = [];
        for ($n = 0; $n < $lasts * Loudness::RATE / 1000; $n++) {
            $samples[] = (int) round($loud * sin($n / 3)) & 0xFFFF;
        }

        return pack('v*', ...$samples);
    }, $stretches));
}

it('finds where somebody speaks, against its own quiet and its own speech', function (
    array $stretches, int $utterances,
): void {
    $found = loudnessOf($stretches)->utterances();

    expect($found)->toHaveCount($utterances);
})->with([
    'nothing' => [[], 0],
    'digital silence' => [[[3000, 0]], 0],
    'two sentences' => [[[500, 0], [900, 9000], [600, 30], [900, 9000], [500, 0]], 2],
    'a short breath parts nothing' => [[[500, 0], [900, 9000], [120, 30], [900, 9000], [500, 0]], 1],
    'far from the microphone' => [[[500, 8], [900, 300], [600, 8], [900, 300], [500, 8]], 2],
    'beside an engine' => [[[900, 1500], [900, 9000], [900, 1500], [900, 9000], [900, 1500]], 2],
]);

it('cuts what lasts too long, loses nothing of it and overlaps nowhere', function (): void {
    $sound = loudnessOf([[300, 0], [17000, 8000], [60, 100], [30000, 8000], [300, 0]]);
    $found = $sound->utterances();
    expect(count($found))->toBeGreaterThan(2)->and($found[0][0])->toBeLessThanOrEqual(300)
        ->and($found[count($found) - 1][1])->toBeGreaterThanOrEqual(47360)->toBeLessThanOrEqual($sound->lastsMs());
    foreach ($found as $n => [$from, $to]) {
        expect($to - $from)->toBeGreaterThan(0)->toBeLessThanOrEqual(20000)
            ->and($from)->toBe($n === 0 ? $from : $found[$n - 1][1]);
    }
    // Cut where it is quietest.
    expect($found[0][1])->toBeGreaterThanOrEqual(17280)->toBeLessThanOrEqual(17380);
});

it('draws how loud it is, with the loudest of each stretch', function (): void {
    $strip = loudnessOf([[1000, 0], [1000, 16384], [1000, 0]])->strip(3);

    expect($strip[0])->toBe(0.0)->and($strip[1])->toEqualWithDelta(0.354, 0.02)->and($strip[2])->toBe(0.0)
        ->and(loudnessOf([[50, 900]])->strip(400))->toHaveCount(5)->and(loudnessOf([])->strip(10))->toBe([]);
});
