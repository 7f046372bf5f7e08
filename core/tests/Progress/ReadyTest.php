<?php

declare(strict_types=1);

use Pasada\Core\Coaching\UsualMistake;
use Pasada\Core\Progress\Health\Leaning;
use Pasada\Core\Progress\Health\Way;
use Pasada\Core\Progress\Model\Calibration;
use Pasada\Core\Progress\Model\Plan;
use Pasada\Core\Progress\Model\School;
use Pasada\Core\Progress\Model\Traits;
use Pasada\Core\Progress\Readiness\Ready;
use Pasada\Core\Tests\Sample;

it('calls nobody ready whose doubt reaches below the bound', function (?float $chance, ?float $low, Ready $is): void {
    expect(Ready::of($chance, $low))->toBe($is);
})->with([
    [0.9, 0.75, Ready::Yes], [0.75, 0.4, Ready::Nearly], [0.5, 0.3, Ready::OnTheWay], [0.1, 0.05, Ready::NotYet],
    [null, null, Ready::Unknown],
]);

it('says which way a scorer leans, and nothing from too little', function (
    float $strict, int $attempts, Way $way,
): void {
    $plan = Plan::of(Sample::inspection());
    $school = new School($plan, new Traits(days: 0.3), [], [], ['7' => $strict], Calibration::none());
    $leaning = Leaning::of($school, '7', $attempts);

    expect($leaning->way)->toBe($way)->and($leaning->itemsOf100 === null)->toBe($way === Way::Unknown);
})->with([
    'stricter' => [0.5, 40, Way::Stricter], 'milder' => [-0.5, 40, Way::Milder],
    'hardly apart, however sure' => [0.03, 4000, Way::Alike], 'apart, but not sure' => [0.15, 5, Way::Alike],
    'too few walks' => [2.0, 4, Way::Unknown],
]);

it('knows nothing of a scorer who scored nothing, or before the school is fitted', function (): void {
    expect(Leaning::of(null, '7', 100)->way)->toBe(Way::Unknown);
});

it('tells what is mixed up with an item\'s figure, and nothing where there is none', function (): void {
    $inspection = Sample::inspectionOf(
        json_decode(Sample::shipped('checklists', 'whole-walk-round'), true),
        json_decode(Sample::shipped('vehicles', 'dock-tractor-chassis'), true),
    );
    $of = static fn (string $id): ?string => UsualMistake::of($inspection, $inspection->items[$id]);

    expect($of('wheel.tyre@steer'))->toContain('which is for the')
        ->and($of('brake.push_rod@steer'))->toBe('the limit said the wrong way around')
        ->and($of('engine.fan'))->toBeNull();
});
