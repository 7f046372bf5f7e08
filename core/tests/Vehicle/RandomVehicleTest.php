<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Tests\Vehicle\Yard;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\Fitment;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return array<string, mixed> some vehicle that can stand in a yard */
function someVehicle(int $seed): array
{
    $by = new Randomizer(new Mt19937($seed));
    $one = static fn (array $of): mixed => $of[$by->getInt(0, count($of) - 1)];
    $first = $one(['tractor', 'tractor', 'truck', 'bus']);
    $units = [[$first, $by->getInt(1, 3)]];
    $system = $first === 'tractor' ? 'air' : $one(['air', 'hydraulic', 'air-over-hydraulic']);
    if ($first === 'tractor') {
        for ($n = $by->getInt(0, 3); $n > 0; $n--) {
            if (count($units) > 1 && $by->getInt(0, 3) > 0) {
                $units[] = ['dolly', $by->getInt(1, 2)];
            }
            $units[] = ['semitrailer', $by->getInt(1, 3)];
        }
    } else {
        for ($n = $by->getInt(0, 2); $n > 0; $n--) {
            $units[] = ['drawbar', $by->getInt(1, 3)];
        }
    }
    $vehicle = ['brakes' => $system] + Yard::combination(...$units);
    $bodies = [
        'straight-truck' => ['van', 'refrigerated', 'flatbed', 'tanker', 'stake-bed', 'dump'],
        'bus' => ['bus', 'school-bus'],
        'semitrailer' => ['container-chassis', 'van', 'refrigerated', 'hopper', 'flatbed', 'tanker', 'lowboy'],
        'drawbar-trailer' => ['flatbed', 'van', 'dump'],
    ];
    $onBody = array_values(array_filter(Feature::cases(), static fn (Feature $one): bool => $one->isOnBody()));
    $onCab = array_values(array_filter(
        Feature::cases(), static fn (Feature $one): bool => $one->isEquipment() && ! $one->isOnBody(),
    ));
    foreach ($vehicle['units'] as $n => &$unit) {
        $unit['body'] = isset($bodies[$unit['kind']]) ? $one($bodies[$unit['kind']]) : 'none';
        if (isset($bodies[$unit['kind']])) {
            $unit['doors'] = $one(['swing', 'roll-up', 'none']);
            $unit['equipment'] = [$one($onBody)->value];
        }
        if ($unit['kind'] === 'drawbar-trailer') {
            $unit['hitch'] = $one(['pintle-hook', 'ball', 'gooseneck']);
            $unit['brakes'] = $one($system === 'hydraulic' ? ['electric', 'surge'] : ['air', 'electric', 'surge']);
        }
        foreach ($unit['axles'] as $m => &$axle) {
            $axle['suspension'] = $one(['spring', 'air']);
            $axle['brakes'] = $one(['drum', 'disc']);
            $axle['lift'] = $axle['group'] !== 'steer' && $m + 1 < count($unit['axles']) && $by->getInt(0, 3) === 0;
            $axle['steerable'] = $axle['lift'];
        }
    }

    return ['equipment' => [$one($onCab)->value]] + $vehicle;
}

$seeds = array_map(static fn (int $seed): array => [$seed], range(1, 40));
$lists = ['every-axle-every-point', 'whole-walk-round', 'short-list-grouped', 'cab-brakes-and-drawn-form'];

it('asks of any vehicle each part once, under a name of its own, at a place and on what it has', function (
    int $seed,
) use ($lists): void {
    foreach ($lists as $list) {
        $walk = Yard::walk(someVehicle($seed), $list);
        $axles = array_map(static fn (Axle $axle): string => $axle->id, $walk->vehicle->axles());
        $names = array_map(static fn (Item $item): string => $item->fullName(), array_values($walk->items));
        $missing = array_filter(
            $walk->items,
            static fn (Item $item): bool => $item->fitted && ! Fitment::isOn($item->component, $walk->vehicle),
        );
        $places = array_column($walk->places, 'id');

        expect(array_keys(array_filter(array_count_values($names), static fn (int $n): bool => $n > 1)))->toBe([])
            ->and($places)->toBe(array_values(array_unique($places)))
            ->and(array_keys($missing))->toBe([]);
        foreach ($walk->places as $place) {
            expect(array_diff($place->axles, $axles))->toBe([]);
        }
    }
})->with($seeds);

it('asks every axle of any vehicle for its tire, once', function (int $seed): void {
    $walk = Yard::walk(someVehicle($seed), 'every-axle-every-point');
    $tires = array_filter($walk->items, static fn (Item $item): bool => $item->component === 'wheel.tyre');

    expect($tires)->toHaveCount(count($walk->vehicle->axles()));
})->with($seeds);

it('finds a walk along any vehicle perfect that goes as it is listed', function (int $seed) use ($lists): void {
    // The first list asks from the outside in, against the order in which it lists the stops of an axle.
    foreach (array_slice($lists, 1) as $list) {
        $walk = Yard::walk(someVehicle($seed), $list);
        $at = 0;
        $marks = [];
        foreach ($walk->items as $item) {
            $marks[] = Sample::whole(++$at, $item->id);
        }
        $sheet = ScoreSheet::ofInspection($walk, MarkList::of(...$marks));

        expect($sheet->order->outOfPlace)->toBe([])->and($sheet->order->sectionsOutOfPlace)->toBe([]);
    }
})->with(array_slice($seeds, 0, 12));
