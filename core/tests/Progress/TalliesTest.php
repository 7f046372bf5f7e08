<?php

declare(strict_types=1);

use Pasada\Core\Progress\Health\ItemTally;
use Pasada\Core\Progress\Health\Tallies;
use Pasada\Core\Scoring\ItemStatus;

/** @return list<Tallies> one of each attempt, seeded */
function talliesOfAttempts(int $seed, int $count): array
{
    mt_srand($seed);
    $statuses = ItemStatus::cases();
    $tallies = [];
    for ($n = 0; $n < $count; $n++) {
        $outcomes = [];
        foreach (['tires', 'hoses', 'horn'] as $item) {
            $status = $statuses[mt_rand(0, count($statuses) - 1)];
            $outcomes[$item] = [$status, $status === ItemStatus::Whole ? 1000 : mt_rand(0, 999), 1000];
        }
        $tallies[] = Tallies::ofAttempt((string) mt_rand(1, 3), $outcomes);
    }

    return $tallies;
}

it('counts what became of an item', function (ItemStatus $status, array $counted): void {
    $tally = Tallies::ofAttempt('rosa', [
        'tires' => [$status, $status === ItemStatus::Whole ? 600 : 200, 600],
    ])->items()['tires'];

    expect([$tally->fitted(), $tally->missed(), $tally->asked(), $tally->whole()])->toBe($counted);
})->with([
    'whole' => [ItemStatus::Whole, [1, 0, 1, 1]],
    'missed' => [ItemStatus::Missed, [1, 1, 1, 0]],
    'said late' => [ItemStatus::Late, [1, 1, 1, 0]],
    'not reached' => [ItemStatus::NotReached, [1, 0, 0, 0]],
    'not on the vehicle' => [ItemStatus::NotFitted, [0, 0, 0, 0]],
]);

it('says nothing of an item that was worth nothing', function (): void {
    $tally = Tallies::ofAttempt('rosa', ['tires' => [ItemStatus::Missed, 0, 0]])->items()['tires'];

    expect([$tally->missed(), $tally->asked(), $tally->shareOfWhole(), $tally->correlation()])->toBe([1, 0, 0.0, 0.0]);
});

it('adds up to the same in any order, and to the rest without a part', function (int $seed): void {
    $parts = talliesOfAttempts($seed, 30);
    $all = Tallies::sum($parts);
    $some = Tallies::sum(array_slice($parts, 0, 11));
    $others = Tallies::sum(array_slice($parts, 11));
    $sums = static fn (Tallies $of): array => array_map(
        static fn (ItemTally $one): array => $one->sums(), $of->items(),
    );

    expect($sums(Tallies::sum([$others, $some])))->toEqual($sums($all))
        ->and($sums($all->without($some)))->toEqual($sums($others))
        ->and($all->without($some)->attempts)->toBe(19);
})->with([1, 2, 3]);

it('is read as it was written', function (): void {
    $all = Tallies::sum(talliesOfAttempts(4, 12));
    $written = json_decode((string) json_encode($all->write()), true);
    assert(is_array($written));

    expect(Tallies::read($written))->toEqual($all);
});

it('correlates as the plain sums over all attempts do', function (int $seed): void {
    mt_srand($seed);
    [$whole, $shares, $parts] = [[], [], []];
    for ($n = 0; $n < 40; $n++) {
        $earned = mt_rand(0, 1) * 1000;
        $rest = mt_rand(0, 1000);
        $parts[] = Tallies::ofAttempt('rosa', [
            'tires' => [ItemStatus::Partial, $earned, 1000], 'hoses' => [ItemStatus::Partial, $rest, 1000],
        ]);
        [$whole[], $shares[]] = [$earned / 1000, intdiv($earned + $rest, 2)];
    }
    $mean = static fn (array $of): float => array_sum($of) / count($of);
    $spread = static fn (array $a, array $b): float => $mean(array_map(
        static fn (int|float $x, int|float $y): float => ($x - $mean($a)) * ($y - $mean($b)), $a, $b,
    ));

    expect(Tallies::sum($parts)->items()['tires']->correlation())->toEqualWithDelta(
        $spread($whole, $shares) / sqrt($spread($whole, $whole) * $spread($shares, $shares)), 1e-9,
    );
})->with([7, 8]);
