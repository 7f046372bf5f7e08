<?php

declare(strict_types=1);

use Pasada\Core\Progress\Model\Calibration;
use Pasada\Core\Progress\Model\Level;
use Pasada\Core\Progress\Model\Traits;

it('leaves chances as they are where nothing came of any', function (float $chance): void {
    expect(Calibration::fit([])->of($chance))->toEqualWithDelta($chance, 1e-9)
        ->and(Calibration::none()->of($chance))->toEqualWithDelta($chance, 1e-9);
})->with([0.01, 0.3, 0.5, 0.97]);

it('moves chances toward what came of them, the farther the more there is to tell', function (
    float $said, int $of, int $passed, string $way,
): void {
    $outcomes = [];
    for ($n = 0; $n < $of; $n++) {
        $outcomes[] = [$said, $n < $passed];
    }
    $few = Calibration::fit(array_slice($outcomes, 0, 0))->of($said);
    $all = Calibration::fit($outcomes)->of($said);
    $share = $passed / $of;

    expect($way === 'down' ? $all < $few && $all > $share : $all > $few && $all < $share)->toBeTrue()
        ->and(abs($all - $share))->toBeLessThan(abs($said - $share));
})->with([
    'too bright' => [0.8, 40, 12, 'down'], 'too dark' => [0.2, 40, 28, 'up'],
    'two outcomes are little' => [0.7, 2, 0, 'down'],
]);

it('never turns the order of students round', function (): void {
    $turned = Calibration::fit([[0.9, false], [0.95, false], [0.1, true], [0.05, true], [0.8, false]]);
    $last = 0.0;
    for ($chance = 0.01; $chance < 1.0; $chance += 0.01) {
        $is = $turned->of($chance);
        expect($is)->toBeGreaterThanOrEqual($last)->toBeGreaterThan(0.0)->toBeLessThan(1.0);
        $last = $is;
    }
});

it('rises with what is put right as its curve does', function (float $chance): void {
    $one = Calibration::fit([[0.8, true], [0.8, false], [0.6, false], [0.3, false]]);
    $slope = ($one->of($chance + 1e-5) - $one->of($chance - 1e-5)) / 2e-5;

    expect($one->rise($chance))->toEqualWithDelta($slope, 1e-4);
})->with([0.2, 0.5, 0.85]);

it('knows a level the less the longer nobody saw it, and the better once it was seen', function (): void {
    $traits = new Traits;
    $level = Level::first($traits);
    $seen = $level->seen(0.5, 0.9, $traits);

    expect($seen->var)->toBeLessThan($level->var)
        ->and($seen->mean)->toBeGreaterThan($level->mean)
        ->and($seen->after(5.0, $traits)->var)->toBeGreaterThan($seen->var)
        ->and($seen->after(40.0, $traits)->var)->toBeGreaterThan($seen->after(5.0, $traits)->var)
        ->and($seen->after(40.0, $traits)->mean)->toBeLessThan($seen->after(5.0, $traits)->mean);
});

it('lets the gain of every attempt be less than that of the one before', function (): void {
    $traits = (new Traits)->times('lasting', 0.7);
    $means = [];
    $level = Level::first($traits);
    for ($n = 0; $n < 12; $n++) {
        $means[] = $level->mean;
        $level = $level->after(0.0, $traits);
    }
    $gains = array_map(static fn (float $a, float $b): float => $b - $a, $means, array_slice($means, 1) + [11 => 9.9]);

    expect($gains[0])->toBeGreaterThan($gains[5])
        ->and($gains[5])->toBeGreaterThan($gains[10])
        ->and($gains[10])->toBeGreaterThan(0.0);
});

it('leaves the more doubt the fewer outcomes there are', function (float $chance): void {
    $width = static function (int $outcomes) use ($chance): float {
        $all = [];
        for ($n = 0; $n < $outcomes; $n++) {
            $all[] = [0.3 + 0.4 * ($n % 2), $n % 3 > 0];
        }
        $one = Calibration::fit($all);

        return $one->end($chance, $chance + 0.02) - $one->end($chance, $chance - 0.02);
    };

    expect($width(5))->toBeGreaterThan($width(40))->and($width(40))->toBeGreaterThan(0.0);
})->with([0.3, 0.6, 0.9]);
