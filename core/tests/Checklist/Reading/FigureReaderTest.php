<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Reading\FigureReader;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** @return array{Figure, list<string>} */
function readFigure(array $figure): array
{
    $faults = new Faults();
    $read = (new FigureReader(['wheel.tyre']))->read(
        Node::root(['id' => 'f', 'point' => 'depth', 'unit' => 'in', 'source' => 'manual', ...$figure], $faults),
    );
    $paths = [];
    try {
        $faults->stopIfAny('figure');
    } catch (Pasada\Core\Document\DocumentHasFaults $caught) {
        $paths = array_map(static fn ($fault): string => $fault->path, $caught->faults);
    }

    return [$read, $paths];
}

it('accepts what a student says of a limit', function (array $limits, int $low, int $high): void {
    [$figure, $faults] = readFigure($limits);

    expect($faults)
        ->toBe([])
        ->and($figure->acceptedLow)
        ->toBe($low)
        ->and($figure->acceptedHigh)
        ->toBe($high)
        ->and($figure->accepts($low))
        ->toBeTrue()
        ->and($figure->accepts($high))
        ->toBeTrue()
        ->and($figure->accepts($low - 1))
        ->toBeFalse()
        ->and($figure->accepts($high + 1))
        ->toBeFalse();
})->with([
    'at least' => [['low' => 4], 4000, 4000],
    'at most' => [['high' => 0.75], 750, 750],
    'between' => [['low' => 120, 'high' => 140], 120_000, 140_000],
    'accepted from below a limit' => [['high' => 0.75, 'accepted_low' => 0.5], 500, 750],
    'accepted above a limit' => [['low' => 55, 'accepted_high' => 60], 55_000, 60_000],
    'accepted away from the usual' => [
        ['low' => 120, 'high' => 140, 'accepted_low' => 100, 'accepted_high' => 125],
        100_000,
        125_000,
    ],
    'accepted from above an upper limit' => [['high' => 22, 'accepted_low' => 24], 24_000, 24_000],
    'nothing' => [['low' => 0], 0, 0],
]);

it('names what is wrong with a figure', function (array $figure, string $path): void {
    expect(readFigure($figure)[1])->toContain($path);
})->with([
    'no limit' => [[], ''],
    'upside down' => [['low' => 2, 'high' => 1], 'low'],
    'accepted upside down' => [['low' => 2, 'accepted_low' => 3, 'accepted_high' => 2], 'accepted_low'],
    'an unknown component' => [['low' => 2, 'components' => ['a.b']], 'components[0]'],
    'an unknown key' => [['low' => 2, 'lowest' => 1], 'lowest'],
]);

it('takes a vehicle\'s own limits over', function (?int $low, ?int $high, int $from, int $to): void {
    $own = readFigure(['low' => 120, 'high' => 140, 'note' => 'usual'])[0]->withLimits($low, $high, 'Dock 4', 'plate');

    expect([$own->low, $own->high, $own->acceptedLow, $own->acceptedHigh, $own->source, $own->note, $own->id])->toBe([
        $low, $high, $from, $to, 'Dock 4', 'plate', 'f',
    ]);
})->with([
    'both' => [110_000, 125_000, 110_000, 125_000],
    'at least' => [110_000, null, 110_000, 110_000],
    'at most' => [null, 125_000, 125_000, 125_000],
]);

it('has no note where the file has none', function (): void {
    expect(readFigure(['low' => 1])[0]->note)->toBe('');
});
