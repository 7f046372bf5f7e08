<?php

declare(strict_types=1);

use Pasada\Core\Progress\Practice\PracticePlan;
use Pasada\Core\Progress\Practice\Session;
use Pasada\Core\Progress\Readiness\Drill;

/** @return list<Drill> the largest gain per minute first */
function drillsOf(int $count): array
{
    $drills = [];
    for ($n = 0; $n < $count; $n++) {
        $drills[] = new Drill('part.'.$n, $n % 5 === 4 ? 3.0 : 1.0, ($n % 5 === 4 ? 3.0 : 1.0) * 0.02 / ($n + 1));
    }

    return $drills;
}

it('fits what brings most per minute into the minutes that there are', function (float $minutes): void {
    $taken = (new PracticePlan(drillsOf(30)))->now($minutes);
    $used = array_sum(array_map(static fn (Drill $one): float => $one->minutes, $taken));

    expect($used)->toBeLessThanOrEqual($minutes)->toBeGreaterThan($minutes - 3.0)
        ->and($taken[0]->item)->toBe('part.0');
})->with([10.0, 20.0, 40.0]);

it('brings what is being forgotten back before the day', function (): void {
    $sessions = (new PracticePlan(drillsOf(60)))->until(20_000, 20_012, 10.0);
    $days = [];
    foreach ($sessions as $session) {
        foreach ($session->drills as $drill) {
            $days[$drill->item][] = $session->on;
        }
    }

    expect(count($sessions))->toBe(12)
        ->and(count($days['part.0']))->toBeGreaterThan(1)
        ->and(count($days))->toBeGreaterThan(20)
        ->and(max(array_map(static fn (Session $one): float => $one->minutes(), $sessions)))->toBeLessThanOrEqual(10.0)
        // Not the same every day: that is what spacing is for.
        ->and(count($days['part.0']))->toBeLessThan(12);
});

it('plans nothing where no day is left or nothing is to be gained', function (
    float $exam, array $drills, int $sessions,
): void {
    expect((new PracticePlan($drills))->until(20_000, $exam, 20.0))->toHaveCount($sessions);
})->with([
    'on the day itself' => [20_000, drillsOf(5), 0],
    'the exam is past' => [19_990, drillsOf(5), 0],
    'tomorrow' => [20_001, drillsOf(5), 1],
    'all is known' => [20_010, [new Drill('a.b', 1.0, 0.0)], 0],
    'no drill' => [20_010, [], 0],
]);

it('begins within four weeks of an exam that is far away, and meets every other day at the most', function (): void {
    $days = array_map(
        static fn (Session $one): float => $one->on, (new PracticePlan(drillsOf(60)))->until(20_000, 20_200, 20.0),
    );

    expect($days[0])->toBeGreaterThanOrEqual(20_172.0)
        ->and(count($days))->toBeGreaterThan(5)->toBeLessThanOrEqual(14)
        ->and($days[1] - $days[0])->toBe(2.0);
});

it('adds more the more minutes there are, and never more than all would', function (): void {
    $gain = static fn (float $minutes): float => array_sum(array_map(
        static fn (Session $one): float => $one->gain(),
        (new PracticePlan(drillsOf(60)))->until(20_000, 20_010, $minutes),
    ));
    $all = array_sum(array_map(static fn (Drill $one): float => $one->gain, drillsOf(60)));

    expect($gain(10.0))->toBeLessThan($gain(20.0))->and($gain(20.0))->toBeLessThan($all);
});
