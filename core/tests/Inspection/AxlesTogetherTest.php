<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Tests\Sample;

/**
 * The sample with parts at the axles, on a tractor with springs in front and air behind. @param  list<array<string,
 * mixed>>  $components
 */
function atAxles(array $components, string $axles, array $rules = []): array
{
    $document = Sample::ruled(['axles' => $axles, ...$rules]);
    foreach ($components as $component) {
        $document['components'][] = $component;
        foreach (isset($component['unasked']) ? [] : [1, 2] as $stop) {
            $document['sections'][1]['stops'][$stop]['asks'][] = $component['id'];
        }
        unset($document['components'][count($document['components']) - 1]['unasked']);
    }
    $vehicle = Sample::vehicleDocument();
    foreach ([1, 2] as $axle) {
        $vehicle['units'][0]['axles'][$axle]['suspension'] = 'air';
    }

    return [$document, $vehicle];
}

it('merges no features of different axles that are asked together', function (
    string $axles,
    array $needs,
    array $items,
): void {
    $inspection = Sample::inspectionOf(
        ...atAxles(
            [['id' => 'susp.spacer', 'name' => 'Spacer', 'essential' => ['mounted'], 'needs' => $needs]],
            $axles,
        ),
    );

    expect(
        array_values(
            array_filter(
                array_keys($inspection->items),
                static fn (string $id): bool => str_starts_with($id, 'susp.spacer'),
            ),
        ),
    )->toBe($items);
})->with([
    'springs and duals: no axle has both' => ['all', ['suspension:spring', 'wheels:dual'], []],
    'springs: the steer axle has them' => ['all', ['suspension:spring'], ['susp.spacer']],
    'asked by group' => ['group', ['suspension:air', 'wheels:dual'], ['susp.spacer@drive']],
    'asked axle by axle' => ['each', ['suspension:air', 'wheels:dual'], ['susp.spacer@drive-1', 'susp.spacer@drive-2']],
]);

it('asks points of an axle only as that axle has them', function (): void {
    $inspection = Sample::inspectionOf(
        ...atAxles(
            [
                [
                    'id' => 'susp.shock',
                    'name' => 'Shock',
                    'essential' => ['mounted'],
                    'further' => ['greased'],
                    'point_needs' => ['greased' => ['suspension:spring', 'wheels:dual']],
                ],
            ],
            'all',
        ),
    );

    expect($inspection->items['susp.shock']->points->points())->toBe([Point::Mounted]);
});

it('takes from parts that are not fitted neither points nor what is essential of them', function (
    array $group,
    array $essential,
    array $further,
): void {
    [$document, $vehicle] = atAxles(
        [
            [
                'id' => 'susp.leaf_springs',
                'name' => 'Springs',
                'essential' => ['intact'],
                'further' => ['mounted'],
                'needs' => ['suspension:air', 'wheels:single'],
                'unasked' => true,
            ],
            [
                'id' => 'susp.air_bag',
                'name' => 'Air bag',
                'essential' => ['mounted'],
                'further' => ['intact', 'sealed'],
                'needs' => ['suspension:air'],
                'unasked' => true,
            ],
            [
                'id' => 'susp.suspension',
                'name' => 'Suspension',
                'parts' => ['susp.leaf_springs', 'susp.air_bag'],
                ...$group,
            ],
        ],
        'group',
    );
    $item = Sample::inspectionOf($document, $vehicle)->items['susp.suspension@drive'];

    expect([$item->essential->points(), $item->further->points()])->toBe([$essential, $further]);
})->with([
    'no points of its own' => [[], [Point::Mounted], [Point::Intact, Point::Sealed]],
    'a further point of its own' => [
        ['further' => ['greased']],
        [Point::Mounted],
        [Point::Intact, Point::Sealed, Point::Greased],
    ],
    'essential points of its own' => [['essential' => ['complete']], [Point::Complete], []],
]);

/** The tire of the sample asked once for all axles, steer 4/32 and drive 2/32. */
function tyreOfAll(): Item
{
    return Sample::inspection(['axles' => 'all'])->items['wheel.tyre'];
}

it('asks each axle its own tread where all are one item', function (array $said, ItemStatus $status): void {
    $marks = array_map(
        static fn (int $value, int $n) => Sample::figure($n + 2, 'wheel.tyre', Point::Depth, $value * 1000),
        $said,
        array_keys($said),
    );
    $sheet = Sample::sheet(['axles' => 'all'], Sample::points(1, 'wheel.tyre', Point::Even), ...$marks);

    expect($sheet->outcomes['wheel.tyre']->status)->toBe($status);
})->with([
    'both' => [[4, 2], ItemStatus::Whole],
    'both, the other way round' => [[2, 4], ItemStatus::Whole],
    'the steer axle only' => [[4], ItemStatus::Partial],
    'the same one twice' => [[2, 2], ItemStatus::Partial],
    'one that is right nowhere' => [[3], ItemStatus::Wrong],
    'put right' => [[3, 4, 2], ItemStatus::Whole],
]);

it('says the figure of each axle with its name', function (): void {
    expect(tyreOfAll()->figures['depth']->said())->toBe('at least 4/32 in (steer axle), at least 2/32 in (drive axle)')
        ->and(Sample::inspection()->items['wheel.tyre@steer']->figures['depth']->said())->toBe('at least 4/32 in');
});
