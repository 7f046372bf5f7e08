<?php

declare(strict_types=1);

use Pasada\Core\Inspection\ReferenceChoices;
use Pasada\Core\Tests\Sample;

it('offers what a student standing at a place may refer to', function (array $scopes, string $place, array $choices): void {
    $inspection = Sample::inspectionOf(Sample::ruled(['axles' => 'each', 'carry_over' => ['scopes' => $scopes]]));
    $at = $inspection->place($place);
    assert($at !== null);

    expect(ReferenceChoices::at($inspection, $at))->toBe($choices);
})->with([
    'never' => [[], 'drive-wheel-2', []],
    'the tandem partner walked before' => [['tandem'], 'drive-wheel-2', ['drive-1' => 'drive axle 1']],
    'not the one to come' => [['tandem'], 'drive-wheel-1', []],
    'another axle' => [['axle'], 'drive-wheel-1', ['steer' => 'steer axle']],
    'all before it' => [['axle', 'tandem'], 'drive-wheel-2', ['steer' => 'steer axle', 'drive-1' => 'drive axle 1']],
    'the other side' => [['side'], 'cab', ['right' => 'right side', 'left' => 'left side']],
    'off axles and sides there is none' => [['side', 'axle', 'tandem'], 'engine', []],
]);
