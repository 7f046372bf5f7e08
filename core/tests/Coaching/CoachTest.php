<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

function coach(): Coach
{
    return new Coach(
        Phrasebook::read(Sample::shipped('catalogue', 'points')),
        Pasada\Core\Catalogue\Aliases::read(Sample::shipped('catalogue', 'aliases')),
    );
}

it('composes a sentence from points, figures and drive', function (string $item, string $sentence): void {
    $found = Sample::inspection()->items[$item];

    expect(coach()->sentence($found, $found->points))->toBe($sentence);
})->with([
    'figure of the axle' => [
        'wheel.tyre@steer',
        'Tyre, steer axle: at least 4/32 in of tread by the gauge, in every major groove; worn evenly across.',
    ],
    'belt and its play' => [
        'engine.alternator',
        'Alternator: securely mounted; belt driven; no more than 3/4 in of play in the belt.',
    ],
]);

it('names the item alone where there is nothing to say of it', function (): void {
    expect(coach()->sentence(Sample::inspection()->items['side.mirror@left'], PointSet::none()))->toBe(
        'Mirror, left side.',
    );
});

it('takes the checklist\'s own words before the usual ones', function (): void {
    $document = Sample::with(Sample::checklistDocument(), ['components', 4, 'say'], ['level' => 'between the marks']);
    $item = Inspection::of((new ChecklistReader())->read((string) json_encode($document)), Sample::vehicle())->items[
        'engine.oil_level'
    ];

    expect(coach()->phrase($item, Point::Level))->toBe('between the marks');
});

it('does not invent a figure where none is given', function (): void {
    $document = Sample::with(Sample::checklistDocument(), ['figures'], []);
    $item = Inspection::of((new ChecklistReader())->read((string) json_encode($document)), Sample::vehicle())->items[
        'wheel.tyre@steer'
    ];

    expect(coach()->phrase($item, Point::Depth))->toStartWith('as the maker or the state says');
});

it('leaves no gap unfilled in any item of the shipped checklist', function (string $vehicle): void {
    $inspection = Inspection::of(
        (new ChecklistReader())->read(Sample::shipped('checklists', 'whole-walk-round')),
        (new VehicleReader())->read(Sample::shipped('vehicles', $vehicle)),
    );
    foreach ($inspection->items as $item) {
        expect(coach()->sentence($item, $item->points))->not->toContain('{')->not->toContain('belt or gear');
    }
})->with(['dock-tractor-chassis', 'quay-sleeper-van', 'stake-truck']);

it('wants words for every point and none besides', function (string $json, string $fault): void {
    try {
        Phrasebook::read($json);
        expect(false)->toBeTrue('read without a fault');
    } catch (DocumentHasFaults $faults) {
        expect(implode("\n", $faults->faults))->toContain($fault);
    }
})->with([
    'missing' => ['{"points": {}}', 'points: has no words for "mounted"'],
    'unknown' => ['{"points": {"shiny": {"label": "a", "say": "b"}}}', 'points.shiny: is not a known point'],
    'without a label' => [
        '{"points": {"mounted": {"say": "b"}}}',
        'points.mounted.label: asks for a text that is not empty',
    ],
]);
