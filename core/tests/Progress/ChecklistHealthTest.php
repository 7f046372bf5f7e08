<?php

declare(strict_types=1);

use Pasada\Core\Progress\Health\ChecklistHealth;
use Pasada\Core\Progress\Health\Tallies;
use Pasada\Core\Progress\Model\Plan;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

/** @param  callable(int, int, string): int  $earned  of attempt, item and scorer */
function healthOf(int $attempts, callable $earned): ChecklistHealth
{
    $plan = Plan::of(Sample::inspection());
    $tallies = [];
    for ($n = 0; $n < $attempts; $n++) {
        $scorer = $n % 2 === 0 ? 'rosa' : 'anton';
        $of = [];
        foreach ($plan->ids as $i => $id) {
            $of[$id] = [ItemStatus::Partial, $earned($n, $i, $scorer), 1000];
        }
        $tallies[] = Tallies::ofAttempt($scorer, $of);
    }

    return ChecklistHealth::of($plan, Tallies::sum($tallies));
}

it('finds items that nobody misses and that everybody misses', function (): void {
    $ids = Plan::of(Sample::inspection())->ids;
    $health = healthOf(40, static fn (int $n, int $i): int => match ($i) {
        0 => 1000, 1 => 0, default => ($n + $i) % 3 === 0 ? 0 : 1000,
    });

    expect($health->neverMissed)->toBe([$ids[0]])->and($health->alwaysMissed)->toBe([$ids[1]]);
});

it('finds an item that is earned rather by those who earn less of the rest', function (): void {
    $ids = Plan::of(Sample::inspection())->ids;
    $health = healthOf(40, static fn (int $n, int $i): int => match (true) {
        $i === 2 => $n < 20 ? 1000 : 0,
        default => $n < 20 ? (($n + $i) % 2) * 1000 : 1000,
    });

    expect($health->againstTheRest)->toBe([$ids[2]]);
});

it('finds an item that one scorer sees earned and the other does not', function (): void {
    $ids = Plan::of(Sample::inspection())->ids;
    $health = healthOf(60, static fn (int $n, int $i, string $scorer): int => $i === 3
        ? ($scorer === 'rosa' ? 1000 : 500) : (($n + $i) % 3 === 0 ? 0 : 1000));

    expect($health->differing[0])->toBe(['item' => $ids[3], 'high' => 'rosa', 'low' => 'anton', 'apart' => 1.0]);
});

it('says nothing of an item that was asked too seldom', function (): void {
    $health = healthOf(19, static fn (): int => 1000);

    expect([$health->neverMissed, $health->alwaysMissed, $health->differing, $health->attempts])
        ->toBe([[], [], [], 19]);
});
