<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Scoring\SpokenOf;

/** What was heard of an item, in bits of points: in time, late, wrong, and of one side only. */
function heardBits(
    int $inTime = 0,
    int $late = 0,
    int $wrong = 0,
    int $left = 0,
    int $right = 0,
    int $lateLeft = 0,
    int $lateRight = 0,
): SpokenOf {
    $set = PointSet::fromBits(...);

    return SpokenOf::of(new Hearing(
        $set($inTime), $set($late), false, 100, 200, 3, $set($wrong), $set($left), $set($right),
        lateLeft: $set($lateLeft), lateRight: $set($lateRight),
    ));
}

/**
 * @return array{int, int, int, int, int, int} bits in time and late, then those of the left and the right only, of each
 */
function bitsOf(SpokenOf $of): array
{
    $heard = $of->hearing(null, 0);

    return [
        $heard->inTime->bits, $heard->late->bits, $heard->left->bits, $heard->right->bits, $heard->lateLeft->bits,
        $heard->lateRight->bits,
    ];
}

it('takes over what was said of another item', function (
    SpokenOf $to, SpokenOf $from, bool $isLate, array $bits,
): void {
    expect($to->takeFrom($from, ~8, $isLate))
        ->toBe($bits !== [0, 0, 0, 0, 0, 0])
        ->and(bitsOf($to))
        ->toBe($bits);
})->with([
    'in time stays in time' => fn (): array => [SpokenOf::of(null), heardBits(3), false, [3, 0, 0, 0, 0, 0]],
    'late stays late' => fn (): array => [SpokenOf::of(null), heardBits(late: 3), false, [0, 3, 0, 0, 0, 0]],
    'by a late reference all is late' => fn (): array => [
        SpokenOf::of(null), heardBits(1, late: 2), true, [0, 3, 0, 0, 0, 0],
    ],
    'what differs is not taken' => fn (): array => [SpokenOf::of(null), heardBits(12), false, [4, 0, 0, 0, 0, 0]],
    'one side stays one side' => fn (): array => [
        SpokenOf::of(null), heardBits(left: 1, right: 2), false, [0, 0, 1, 2, 0, 0],
    ],
    'one late side stays one late side' => fn (): array => [
        SpokenOf::of(null), heardBits(lateLeft: 1, lateRight: 2), false, [0, 0, 0, 0, 1, 2],
    ],
    'one side by a late reference' => fn (): array => [
        SpokenOf::of(null), heardBits(left: 1, right: 2), true, [0, 0, 0, 0, 1, 2],
    ],
    'nothing of nothing' => fn (): array => [SpokenOf::of(null), SpokenOf::of(null), false, [0, 0, 0, 0, 0, 0]],
]);

it('puts nothing right that was said wrong here', function (bool $isLate): void {
    $to = heardBits(wrong: 2);
    $to->takeFrom(heardBits(3), ~0, $isLate);

    expect($to->hearing(null, 0)->wrong->bits)->toBe(2)->and(bitsOf($to)[$isLate ? 1 : 0])->toBe(1);
})->with([false, true]);

it('takes one side over from the other', function (SpokenOf $of, bool $fromLeft, bool $isLate, array $bits): void {
    $of->takeSide($fromLeft, $isLate);

    expect(bitsOf($of))->toBe($bits);
})->with([
    'right from left' => fn (): array => [heardBits(left: 3), true, false, [3, 0, 0, 0, 0, 0]],
    'left from right' => fn (): array => [heardBits(right: 3), false, false, [3, 0, 0, 0, 0, 0]],
    'not the other way' => fn (): array => [heardBits(left: 3), false, false, [0, 0, 3, 0, 0, 0]],
    'late' => fn (): array => [heardBits(left: 3), true, true, [0, 0, 3, 0, 0, 3]],
    'late from the right' => fn (): array => [heardBits(right: 3), false, true, [0, 0, 0, 3, 3, 0]],
    'late of what was late' => fn (): array => [heardBits(lateLeft: 3), true, false, [0, 3, 0, 0, 0, 0]],
    'late of what was late, to the left' => fn (): array => [heardBits(lateRight: 3), false, true, [0, 3, 0, 0, 0, 0]],
    'without what was said wrong' => fn (): array => [heardBits(left: 3, wrong: 2), true, false, [1, 0, 2, 0, 0, 0]],
    'late without what was said wrong' => fn (): array => [
        heardBits(lateRight: 3, wrong: 2), false, false, [0, 1, 0, 0, 0, 2],
    ],
]);

it('is said as soon as it was said itself or referred to, and knows what it was before', function (): void {
    $direct = new Hearing(
        PointSet::fromBits(1),
        PointSet::none(),
        false,
        500,
        900,
        7,
        figures: ['depth' => 4000],
        wrongWords: ['cap' => 'loose'],
        afterwards: true,
    );
    $of = SpokenOf::of($direct);
    [$of->carriedFrom, $of->carriedAtMs] = ['wheel.tyre@steer', 700];
    $heard = $of->hearing($direct, 99);

    expect([$heard->firstAtMs, $heard->lastAtMs, $heard->turn, $heard->afterwards, $heard->notFitted])
        ->toBe([500, 900, 7, true, false])
        ->and([$heard->figures, $heard->wrongWords, $heard->carriedFrom])
        ->toBe([['depth' => 4000], ['cap' => 'loose'], 'wheel.tyre@steer']);
});

it('takes its time and its turn from the reference where it was not said itself', function (?int $atMs): void {
    $of = SpokenOf::all(5);
    $of->carriedAtMs = $atMs;
    $heard = $of->hearing(null, 12);

    expect([$heard->firstAtMs, $heard->lastAtMs, $heard->turn, $heard->afterwards])
        ->toBe([$atMs ?? 0, $atMs ?? 0, 12, false])
        ->and(bitsOf($of))
        ->toBe([5, 0, 0, 0, 0, 0]);
})->with([700, null]);
