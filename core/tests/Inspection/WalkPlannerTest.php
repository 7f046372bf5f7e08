<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Tests\Sample;

describe('positions', function (): void {
    $tyre = static fn (array $rules, ?string $own): array => array_values(
        array_filter(
            array_keys(
                Sample::inspectionOf(
                    $own === null
                        ? Sample::ruled($rules)
                        : Sample::with(Sample::ruled($rules), ['components', 5, 'axles'], $own),
                )->items,
            ),
            static fn (string $id): bool => str_starts_with($id, 'wheel.tyre'),
        ),
    );

    it('are those of the axle rule, or of the component\'s own', function (
        string $rule,
        ?string $own,
        array $items,
    ) use ($tyre): void {
        expect($tyre(['axles' => $rule], $own))->toBe($items);
    })->with([
        'each axle' => ['each', null, ['wheel.tyre@steer', 'wheel.tyre@drive-1', 'wheel.tyre@drive-2']],
        'each group' => ['group', null, ['wheel.tyre@steer', 'wheel.tyre@drive']],
        'one for all' => ['all', null, ['wheel.tyre']],
        'each, but this one by group' => ['each', 'group', ['wheel.tyre@steer', 'wheel.tyre@drive']],
        'each, but this one for all' => ['each', 'all', ['wheel.tyre']],
        'by group, but this one each' => [
            'group',
            'each',
            ['wheel.tyre@steer', 'wheel.tyre@drive-1', 'wheel.tyre@drive-2'],
        ],
    ]);

    it('lie at the first axle of what is asked once', function (): void {
        $inspection = Sample::inspectionOf(
            Sample::with(Sample::ruled(['axles' => 'each']), ['components', 5, 'axles'], 'group'),
        );

        expect($inspection->items['wheel.tyre@drive']->place)
            ->toBe('drive-wheel-1')
            ->and($inspection->place('drive-wheel-2'))
            ->toBeNull();
    });
});

describe('several parts asked as one item', function (): void {
    $grouped = static function (array $group): array {
        $document = Sample::checklistDocument();
        $document['components'][] = [
            'id' => 'cab.belts',
            'name' => 'Belt and horn',
            'parts' => ['cab.seat_belt', 'cab.horn_air'],
            ...$group,
        ];
        $document['sections'][0]['stops'][0]['asks'] = ['cab.belts', 'side.mirror'];

        return $document;
    };

    it('names the parts and asks the points of those that are fitted', function (
        array $equipment,
        array $parts,
        array $points,
    ) use ($grouped): void {
        $document = $grouped([]);
        $document['components'][1]['essential'] = ['clean'];
        $item = Sample::inspectionOf($document, [...Sample::vehicleDocument(), 'equipment' => $equipment])->items[
            'cab.belts'
        ];

        expect($item->parts)->toBe($parts)->and($item->points->points())->toBe($points);
    })->with([
        'both' => [
            ['air-horn'],
            ['Seat belt', 'Air horn'],
            [Point::Mounted, Point::Intact, Point::Clean, Point::Works],
        ],
        'without the horn' => [[], ['Seat belt'], [Point::Mounted, Point::Intact, Point::Works]],
    ]);

    it('keeps points of its own', function () use ($grouped): void {
        expect(
            Sample::inspectionOf($grouped(['essential' => ['greased']]))->items['cab.belts']->points->points(),
        )->toBe([Point::Greased]);
    });

    it('is not asked where none of them is fitted', function () use ($grouped): void {
        $document = $grouped([]);
        $document['components'][0]['needs'] = ['hand-valve'];

        expect(
            Sample::inspectionOf($document, [...Sample::vehicleDocument(), 'equipment' => []])->items,
        )->not->toHaveKey('cab.belts');
    });

    it('has the defect of any of them', function () use ($grouped): void {
        expect(
            Sample::inspectionOf($grouped([]), [
                ...Sample::vehicleDocument(),
                'defects' => [['component' => 'cab.horn_air', 'what' => 'no sound']],
            ])->items['cab.belts']->defect,
        )->toBe('no sound');
    });
});

it('asks for a spoken "not fitted" of equipment only, not of another kind of vehicle', function (
    string $need,
    bool $asked,
): void {
    $document = Sample::with(Sample::ruled(['not_fitted' => 'spoken']), ['components', 1, 'needs'], [$need]);
    $items = Sample::inspectionOf($document)->items;

    expect(isset($items['cab.horn_air']))
        ->toBe($asked)
        ->and(($items['cab.horn_air'] ?? null)?->fitted ?? false)
        ->toBe($need === 'air-horn');
})->with([
    'fitted' => ['air-horn', true],
    'equipment' => ['hand-valve', true],
    'equipment of an axle' => ['axle:hub-meter', true],
    'a trailer' => ['trailer', false],
    'a body' => ['body:van', false],
    'either of two' => ['trailer|hand-valve', false],
]);

it('keeps every item of every shipped checklist on every shipped vehicle findable and counted', function (
    string $checklist,
    string $vehicle,
): void {
    $inspection = Sample::inspectionOf(
        json_decode((string) file_get_contents($checklist), true),
        json_decode((string) file_get_contents($vehicle), true),
    );
    $ranks = array_map(static fn (Item $item): int => $item->rank, array_values($inspection->items));

    expect($ranks)
        ->toBe(range(0, count($inspection->items) - 1))
        ->and(count($inspection->items))
        ->toBeGreaterThan(80)
        ->and(array_sum(array_map(static fn ($place): int => count($place->items), $inspection->places)))
        ->toBe(count($inspection->items));
})
    ->with(glob(__DIR__.'/../../../checklists/*.json') ?: [])
    ->with(glob(__DIR__.'/../../../vehicles/*.json') ?: []);
