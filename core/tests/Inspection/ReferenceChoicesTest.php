<?php

declare(strict_types=1);

use Pasada\Core\Inspection\ReferenceChoices;
use Pasada\Core\Tests\Sample;

it('offers what a student standing at a place may refer to', function (
    array $scopes,
    string $place,
    array $choices,
): void {
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

it('offers an axle further on where sections are free', function (): void {
    $inspection = Sample::inspectionOf(
        Sample::ruled(['axles' => 'each', 'order' => ['sections' => 'free'], 'carry_over' => ['scopes' => ['tandem']]]),
    );

    expect(ReferenceChoices::at($inspection, $inspection->place('drive-wheel-1') ?? throw new LogicException()))->toBe([
        'drive-2' => 'drive axle 2',
    ]);
});

it('offers both sides of a part that is needed on both', function (string $sides, array $choices): void {
    $document = Sample::ruled(['sides' => $sides, 'carry_over' => ['scopes' => ['side']]]);
    $document['components'][5]['repeat'] = 'two-sided';
    $inspection = Sample::inspectionOf($document);

    expect(ReferenceChoices::at($inspection, $inspection->place('steer-wheel') ?? throw new LogicException()))->toBe(
        $choices,
    );
})->with(['both needed' => ['both', ['left' => 'left side', 'right' => 'right side']], 'one is enough' => ['one', []]]);

it('tells apart what may be named and earns nothing', function (array $scopes, string $place, array $choices): void {
    $inspection = Sample::inspectionOf(Sample::ruled(['axles' => 'each', 'carry_over' => ['scopes' => $scopes]]));
    $at = $inspection->place($place);
    assert($at !== null);

    expect(ReferenceChoices::uncredited($inspection, $at))->toBe($choices)
        ->and(array_intersect_key($choices, ReferenceChoices::at($inspection, $at)))
        ->toBe([]);
})->with([
    'no reference is credited' => [
        [], 'drive-wheel-2', ['steer' => 'steer axle', 'drive-1' => 'drive axle 1'],
    ],
    'the tandem partner is, the steer axle is not' => [['tandem'], 'drive-wheel-2', ['steer' => 'steer axle']],
    'all are' => [['axle', 'tandem'], 'drive-wheel-2', []],
    'there is nothing to refer to' => [[], 'engine', []],
]);
