<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

/** @return list<string> */
function itemIds(Inspection $inspection): array
{
    return array_keys($inspection->items);
}

it('lays out the items in walking order, each component at each position', function (): void {
    expect(itemIds(Sample::inspection()))
        ->toBe([
            'cab.seat_belt', 'cab.horn_air', 'side.mirror@left', 'side.mirror@right', 'engine.alternator',
            'engine.oil_level', 'wheel.tyre@steer', 'wheel.tyre@drive',
        ])
        ->and(array_map(static fn (Place $place): string => $place->id, Sample::inspection()->places))
        ->toBe(['cab', 'engine', 'steer-wheel', 'drive-wheel']);
});

it('asks each axle of a tandem on its own where the checklist says so', function (): void {
    $inspection = Sample::inspection(['axles' => 'each']);

    expect(itemIds($inspection))->toContain('wheel.tyre@drive-1', 'wheel.tyre@drive-2')
        ->and($inspection->item('wheel.tyre@drive-2')?->fullName())->toBe('Tyre, drive axle 2')
        ->and($inspection->place('drive-wheel-2')?->axles)->toBe(['drive-2']);
});

it('names a position as it is read', function (string $item, string $name): void {
    expect(Sample::inspection()->item($item)?->fullName())->toBe($name);
})->with([
    'no position' => ['engine.oil_level', 'Oil level'],
    'an axle' => ['wheel.tyre@steer', 'Tyre, steer axle'],
    'a side' => ['side.mirror@left', 'Mirror, left side'],
]);

it('does not ask what the vehicle does not have', function (): void {
    $vehicle = (new VehicleReader())->read(
        (string) json_encode(Sample::with(Sample::vehicleDocument(), ['equipment'], [])),
    );

    expect(itemIds(Inspection::of(Sample::checklist(), $vehicle)))->not->toContain('cab.horn_air');
});

it('asks a point only where it makes sense', function (string $drive, bool $beltPlay): void {
    $vehicle = (new VehicleReader())->read(
        (string) json_encode(Sample::with(Sample::vehicleDocument(), ['drives', 'alternator'], $drive)),
    );
    $item = Inspection::of(Sample::checklist(), $vehicle)->item('engine.alternator');

    expect($item?->points->has(Point::BeltPlay))->toBe($beltPlay)->and($item?->drive)->toBe($drive);
})->with(['belt driven' => ['belt', true], 'gear driven' => ['gear', false]]);

it('gives each axle its own figure and its own points', function (string $item, int $low, bool $matched): void {
    $found = Sample::inspection()->item($item);

    expect($found?->figures['depth']->low)->toBe($low)->and($found?->points->has(Point::Matched))->toBe($matched);
})->with([
    'steer: 4/32, single wheels' => ['wheel.tyre@steer', 4000, false],
    'drive: 2/32, duals' => ['wheel.tyre@drive', 2000, true],
]);

it('prefers the figure of the component to that of the point', function (): void {
    $document = Sample::with(
        Sample::checklistDocument(),
        ['figures', 3],
        [
            'id' => 'own',
            'point' => 'belt_play',
            'components' => ['engine.alternator'],
            'high' => 0.5,
            'unit' => 'in',
            'source' => 'maker',
        ],
    );
    $inspection = Inspection::of((new ChecklistReader())->read((string) json_encode($document)), Sample::vehicle());

    expect($inspection->item('engine.alternator')?->figures['belt_play']->source)->toBe('maker');
});

it('ranks every item once and finds items and places by id', function (): void {
    $inspection = Sample::inspection();

    expect(array_map(static fn ($item): int => $item->rank, array_values($inspection->items)))->toBe(range(0, 7))
        ->and($inspection->place('engine')?->zone)->toBe(Zone::EngineLeft)
        ->and($inspection->item('engine.rocket'))->toBeNull()
        ->and($inspection->place('roof'))->toBeNull();
});

it('refuses a checklist that asks nothing of the vehicle', function (): void {
    $document = Sample::checklistDocument();
    $document['components'] = [
        ['id' => 'cab.horn_air', 'name' => 'Air horn', 'essential' => ['works'], 'needs' => ['trailer']],
    ];
    $document['sections'] = [
        [
            'id' => 'cab',
            'name' => 'Cab',
            'stops' => [['id' => 'cab', 'name' => 'Cab', 'zone' => 'cab', 'asks' => ['cab.horn_air']]],
        ],
    ];
    $document['figures'] = [];

    Inspection::of((new ChecklistReader)->read((string) json_encode($document)), Sample::vehicle());
})->throws(NothingToInspect::class, 'asks nothing of the vehicle "sample-tractor"');

describe('the shipped checklist', function (): void {
    $of = static fn (string $vehicle): Inspection => Inspection::of(
        (new ChecklistReader)->read(Sample::shipped('checklists', 'whole-walk-round')),
        (new VehicleReader)->read(Sample::shipped('vehicles', $vehicle)),
    );

    it('asks at least 120 items of the tractor with container chassis', function () use ($of): void {
        expect(count($of('dock-tractor-chassis')->items))->toBeGreaterThanOrEqual(120);
    });

    it('asks nothing of a trailer where there is none', function () use ($of): void {
        $ids = implode(' ', itemIds($of('stake-truck')));

        expect($ids)
            ->not->toContain('coupling.')
            ->not->toContain('@trailer')
            ->not->toContain('test.park_trailer')
            ->toContain('test.park_tractor');
    });

    it('covers every zone on the combination', function () use ($of): void {
        $zones = array_unique(
            array_map(static fn (Place $place): string => $place->zone->value, $of('dock-tractor-chassis')->places),
        );

        expect(array_diff(array_column(Zone::cases(), 'value'), $zones))->toBe([]);
    });

    it('gives a source to every figure', function () use ($of): void {
        foreach ($of('dock-tractor-chassis')->items as $item) {
            foreach ($item->figures as $figure) {
                expect($figure->source)->not->toBe('');
            }
        }
    });
});
