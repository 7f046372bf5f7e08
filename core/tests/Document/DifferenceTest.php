<?php

declare(strict_types=1);

use Pasada\Core\Document\Change;
use Pasada\Core\Document\Difference;
use Pasada\Core\Tests\Sample;

/** @return list<string> */
function differences(array $before, array $after): array
{
    return array_map(
        static fn (Change $change): string => sprintf(
            '%s: %s > %s', $change->where, $change->before ?? '-', $change->after ?? '-',
        ),
        Difference::between($before, $after),
    );
}

it('says what was changed, by the names of what it was changed in', function (
    array $path,
    mixed $value,
    array $said,
): void {
    expect(differences(Sample::checklistDocument(), Sample::with(Sample::checklistDocument(), $path, $value)))->toBe(
        $said,
    );
})->with([
    'nothing' => [['name'], 'Sample', []],
    'the version alone' => [['version'], 2, []],
    'a rule' => [['rules', 'credit'], 'full', ['rules › credit: essential > full']],
    'a rule within a rule' => [['rules', 'pass', 'overall_percent'], 85, ['rules › pass › overall percent: 80 > 85']],
    'a new rule' => [['rules', 'wrong'], 'item', ['rules › wrong: - > item']],
    'the points of a component' => [
        ['components', 4, 'further'],
        [],
        ['components › Oil level › further: sealed > none'],
    ],
    'a name' => [['components', 4, 'name'], 'Engine oil', ['components › Oil level › name: Oil level > Engine oil']],
    'a figure' => [['figures', 0, 'low'], 5, ['figures › tread-steer › low: 4 > 5']],
    'a flag' => [['components', 4, 'bonus'], true, ['components › Oil level › bonus: - > yes']],
    'what a stop asks' => [
        ['sections', 1, 'stops', 0, 'asks'],
        ['engine.oil_level'],
        ['sections › Outside › stops › Engine › asks: engine.alternator, engine.oil_level > engine.oil_level'],
    ],
]);

it('tells a component that is gone from one that was changed', function (): void {
    $after = Sample::checklistDocument();
    unset($after['components'][0]);
    $after['components'] = [
        ...array_values($after['components']),
        ['id' => 'cab.seat', 'name' => 'Seat', 'essential' => ['adjusted']],
    ];

    expect(differences(Sample::checklistDocument(), $after))->toBe([
        'components › Seat belt: Seat belt > -',
        'components › Seat: - > Seat',
    ]);
});

it('says when only the order was changed', function (): void {
    $after = Sample::checklistDocument();
    $after['sections'] = array_reverse($after['sections']);

    expect(differences(Sample::checklistDocument(), $after))->toBe(['sections › order: cab, outside > outside, cab']);
});

it('shortens what would fill the page', function (): void {
    expect(mb_strlen(Difference::between(['reason' => 'a'], ['reason' => str_repeat('b', 500)])[0]->after ?? ''))->toBe(
        160,
    );
});

it('tells units and axles by their number', function (): void {
    $unit = ['kind' => 'semitrailer', 'body' => 'van', 'axles' => [['at_ft' => 30], ['at_ft' => 34]]];
    $tank = ['body' => 'tanker', 'axles' => [['at_ft' => 30], ['at_ft' => 35]]] + $unit;

    expect(Difference::between(
        ['format' => 'a/1', 'units' => [['kind' => 'bus'], $unit]],
        ['format' => 'a/2', 'units' => [['kind' => 'bus'], $tank, ['kind' => 'dolly']]],
    ))->toEqual([
        new Change('units › 2 › body', 'van', 'tanker'),
        new Change('units › 2 › axles › 2 › at ft', '34', '35'),
        new Change('units › 3', null, 'dolly'),
    ]);
});
