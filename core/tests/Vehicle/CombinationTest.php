<?php

declare(strict_types=1);

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Tests\Vehicle\Yard;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\Unit;
use Pasada\Core\Vehicle\VehicleReader;

it('tells the units and axles of a combination apart', function (array $document, array $units, array $axles): void {
    $vehicle = Yard::read($document);

    expect(array_map(static fn (Unit $unit): string => $unit->label, $vehicle->units))->toBe($units)
        ->and(
            array_column(
                array_map(static fn (Axle $axle): array => [$axle->id, $axle->label], $vehicle->axles()), 1, 0,
            ),
        )
        ->toBe($axles);
})->with([
    'one trailer, as ever' => [
        fn (): array => Yard::combination(['tractor', 2], ['semitrailer', 2]),
        ['tractor', 'trailer'],
        [
            'steer' => 'steer axle', 'drive-1' => 'drive axle 1', 'drive-2' => 'drive axle 2',
            'trailer-1' => 'trailer axle 1', 'trailer-2' => 'trailer axle 2',
        ],
    ],
    'doubles' => [
        fn (): array => Yard::combination(['tractor', 1], ['semitrailer', 1], ['dolly', 1], ['semitrailer', 2]),
        ['tractor', 'first trailer', 'dolly', 'second trailer'],
        [
            'steer' => 'steer axle', 'drive-1' => 'drive axle 1', 'first-trailer-axle-1' => 'first trailer axle',
            'dolly-axle-1' => 'dolly axle', 'second-trailer-axle-1' => 'second trailer, front axle',
            'second-trailer-axle-2' => 'second trailer, rear axle',
        ],
    ],
    'truck and trailer' => [
        fn (): array => Yard::combination(['truck', 1], ['drawbar', 1]),
        ['truck', 'trailer'],
        ['steer' => 'steer axle', 'drive-1' => 'drive axle 1', 'trailer-1' => 'trailer axle 1'],
    ],
    'a lift axle' => [
        fn (): array => truckThatLifts(),
        ['truck'],
        [
            'steer' => 'steer axle', 'drive-lift-1' => 'lift axle 1', 'drive-1' => 'drive axle 1',
            'drive-2' => 'drive axle 2',
        ],
    ],
]);

/** @return array<string, mixed> a truck whose first axle behind the cab lifts */
function truckThatLifts(): array
{
    $truck = Yard::combination(['truck', 3]);
    $truck['units'][0]['axles'][1]['lift'] = true;

    return $truck;
}

it('asks what each unit has of each unit, and what couples them where they couple', function (
    array $document, string $component, array $at,
): void {
    $items = array_filter(
        Yard::walk($document, 'every-axle-every-point')->items,
        static fn (Item $item): bool => $item->component === $component,
    );

    expect(array_values(array_map(static fn (Item $item): string => $item->fullName(), $items)))->toBe($at);
})->with([
    'doors of both trailers' => [
        fn (): array => Yard::doubles(), 'trailer.doors',
        ['Rear doors, first trailer', 'Rear doors, second trailer'],
    ],
    'a king pin under each' => [
        fn (): array => Yard::doubles(), 'coupling.king_pin', ['King pin, first trailer', 'King pin, second trailer'],
    ],
    'one pintle hook' => [fn (): array => Yard::doubles(), 'coupling.pintle_hook', ['Pintle hook, dolly']],
    'lines over every coupling' => [
        fn (): array => Yard::doubles(), 'lines.glad_hands',
        ['Glad hands', 'Glad hands, dolly', 'Glad hands, second trailer'],
    ],
    'a dolly has no landing gear' => [
        fn (): array => Yard::doubles(), 'trailer.landing_gear',
        ['Landing gear, first trailer', 'Landing gear, second trailer'],
    ],
    'the only coupling needs no name' => [
        fn (): array => Yard::combination(['truck', 1], ['drawbar', 1]), 'coupling.drawbar', ['Drawbar or tongue'],
    ],
    'a truck has no king pin' => [
        fn (): array => Yard::combination(['truck', 1], ['drawbar', 1]), 'coupling.king_pin', [],
    ],
    'no slack adjuster without air' => [
        fn (): array => ['brakes' => 'hydraulic'] + Yard::combination(['truck', 1]), 'brake.slack_adjuster', [],
    ],
    'a caliper at every hydraulic axle' => [
        fn (): array => ['brakes' => 'hydraulic'] + Yard::combination(['truck', 1]), 'brake.caliper',
        ['Wheel cylinder or caliper, steer axle', 'Wheel cylinder or caliper, drive axle'],
    ],
]);

it('walks along one trailer after the other', function (): void {
    $stretches = [];
    foreach (Yard::walk(Yard::doubles(), 'every-axle-every-point')->places as $place) {
        $stretches[$place->stretch] = true;
    }

    expect(array_slice(array_keys($stretches), 7))->toBe([
        'coupling', 'trailer', 'trailer-axle', 'rear', 'coupling dolly', 'trailer dolly', 'trailer-axle dolly',
        'coupling second-trailer', 'trailer second-trailer', 'trailer-axle second-trailer', 'rear second-trailer',
    ]);
});

it('compares the lining with the figure of its brakes', function (string $brakes, string $said): void {
    $items = Yard::walk(['brakes' => $brakes] + Yard::combination(['truck', 1]), 'every-axle-every-point')->items;

    expect($items['brake.lining@drive']->figures['thickness']->said())->toBe($said);
})->with([['air', 'at least 1/4 in'], ['hydraulic', 'at least 2/32 in']]);

it('names the place of a fault in a combination and the remedy', function (array $document, string $expected): void {
    $faults = [];
    try {
        (new VehicleReader)->read((string) json_encode($document));
    } catch (DocumentHasFaults $caught) {
        $faults = array_map(static fn (Fault $fault): string => (string) $fault, $caught->faults);
    }

    expect($faults)->toContain($expected);
})->with([
    'a semitrailer behind a truck' => [
        fn (): array => Yard::combination(['truck', 1], ['semitrailer', 1]),
        'units[1].kind: a semitrailer is pulled by a day-cab tractor, sleeper tractor, semitrailer, converter dolly; '.
            'in front of it is a straight truck',
    ],
    'a dolly with nothing on it' => [
        fn (): array => Yard::combination(['tractor', 1], ['semitrailer', 1], ['dolly', 1]),
        'units[2].kind: a dolly carries the front of a semitrailer: add one behind it',
    ],
    'air for a trailer that the truck has not' => [
        fn (): array => ['brakes' => 'hydraulic'] + Yard::combination(['truck', 1], ['drawbar', 1]),
        'units[1].brakes: are air brakes, for which the truck has no air: give it air brakes, or these electric or '.
            'surge brakes',
    ],
    'electric brakes of a tractor' => [
        fn (): array => ['brakes' => 'electric'] + Yard::combination(['tractor', 1]),
        'brakes: a day-cab tractor has air or hydraulic or air-over-hydraulic brakes',
    ],
    'a king pin on a pintle hook' => [
        fn (): array => Yard::changed(Yard::combination(['truck', 1], ['drawbar', 1]), 1, ['hitch' => 'fifth-wheel']),
        'units[1].hitch: a trailer with a drawbar is coupled by pintle-hook or ball or gooseneck',
    ],
    'an axle outside its unit' => [
        fn (): array => Yard::changed(Yard::combination(['tractor', 1], ['semitrailer', 1]), 1, ['to_ft' => 31]),
        'units[1].axles[0].at_ft: lies outside its unit, which goes from 15 to 31 ft',
    ],
    'units in each other' => [
        fn (): array => Yard::changed(Yard::combination(['truck', 1], ['drawbar', 1]), 1, ['from_ft' => 19]),
        'units[1].from_ft: begins before the truck ends at 20 ft',
    ],
    'a steer axle that lifts' => [
        function (): array {
            $truck = Yard::combination(['truck', 1]);
            $truck['units'][0]['axles'][0]['lift'] = true;

            return $truck;
        },
        'units[0].axles[0].lift: is for drive and trailer axles: a steer axle stays down and steers',
    ],
    'a liftgate on a tractor' => [
        fn (): array => Yard::changed(Yard::combination(['tractor', 1]), 0, ['equipment' => ['liftgate']]),
        'units[0].equipment[0]: is on what carries a load; a day-cab tractor does not',
    ],
    'a defect at a unit that is not there' => [
        fn (): array => Yard::doubles() + ['defects' => [
            ['component' => 'trailer.doors', 'unit' => 'third-trailer', 'what' => 'bent'],
        ]],
        'defects[0].unit: this vehicle has no unit "third-trailer"; it has tractor, first-trailer, dolly, '.
            'second-trailer',
    ],
]);

it('finds a defect at its unit only', function (): void {
    $items = Yard::walk(
        Yard::doubles() + ['defects' => [
            ['component' => 'trailer.doors', 'unit' => 'second-trailer', 'what' => 'bent'],
        ]],
        'every-axle-every-point',
    )->items;

    expect([$items['trailer.doors@first-trailer']->defect, $items['trailer.doors@second-trailer']->defect])
        ->toBe([null, 'bent']);
});

it('takes 143 ft with eleven axles', function (): void {
    $vehicle = Yard::read(
        Yard::combination(
            ['tractor', 2], ['semitrailer', 1], ['dolly', 1], ['semitrailer', 2], ['dolly', 1], ['semitrailer', 3],
        ),
    );

    expect($vehicle->axles())->toHaveCount(11)->and($vehicle->lengthMilliFeet())->toBe(143_000);
});

it('asks of a vehicle of the format before, by a checklist of that format, what it always asked', function (): void {
    $units = Yard::combination(['truck', 1], ['semitrailer', 1], ['semitrailer', 1]);
    $old = ['format' => 'pasada-vehicle/1'] + $units;
    $checklist = Sample::checklistDocument();
    // A king pin without a word on what it needs, and a push rod at a disc brake: nobody had to say it then.
    $checklist['components'][] = ['id' => 'coupling.king_pin', 'name' => 'King pin', 'essential' => ['intact']];
    $checklist['components'][] = ['id' => 'brake.push_rod', 'name' => 'Push rod', 'essential' => ['intact']];
    $checklist['sections'][1]['stops'][0]['asks'][] = 'coupling.king_pin';
    $checklist['sections'][1]['stops'][1]['asks'][] = 'brake.push_rod';
    $checklist['sections'][1]['stops'][2]['axles'] = 'trailer';
    $old['units'][0]['axles'][0]['brakes'] = 'disc';
    $asked = static fn (array $checklist, array $vehicle): array => array_keys(
        Sample::inspectionOf($checklist, $vehicle)->items,
    );

    expect($asked(['rules' => ['axles' => 'each'] + $checklist['rules']] + $checklist, $old))
        ->toContain('coupling.king_pin', 'brake.push_rod@steer', 'wheel.tyre@trailer-1', 'wheel.tyre@trailer-2')
        // Either of them written today is asked by the nature of parts.
        ->and($asked(['format' => 'pasada-checklist/2'] + $checklist, $old))->not->toContain('brake.push_rod@steer');
});

it('tells a fault of what is said of all bodies once, however many there are', function (): void {
    $document = ['equipment' => ['liftgat']] + Yard::doubles();
    try {
        (new VehicleReader)->read((string) json_encode($document));
    } catch (DocumentHasFaults $caught) {
        expect($caught->faults)->toHaveCount(1);

        return;
    }
    expect(false)->toBeTrue('nothing was wrong');
});

it('asks lines over a coupling only where the form asks for lines', function (): void {
    $checklist = Sample::shipped('checklists', 'every-axle-every-point');
    $read = (new ChecklistReader)->read($checklist);
    $asked = Inspection::of($read, Yard::read(Yard::doubles()), $read->form('only:coupling'))->items;

    expect($asked)->toHaveKey('coupling.king_pin@second-trailer')->not->toHaveKey('lines.glad_hands@second-trailer');
});

it('reads a vehicle of the format before as it was', function (): void {
    $old = ['format' => 'pasada-vehicle/1'] + Yard::combination(['truck', 1], ['semitrailer', 1]);
    $old['units'][1]['to_ft'] = 31;

    expect(Yard::read($old)->hasTrailer())->toBeTrue();
});

it('asks a point at the axles for which it is, under every rule for axles', function (string $rule): void {
    $document = Sample::ruled(['axles' => $rule]);
    foreach ($document['components'] as &$component) {
        if ($component['id'] === 'wheel.tyre') {
            $component['further'][] = 'retread';
            $component['point_needs']['retread'] = ['axle:steer'];
        }
    }
    unset($component);
    $asked = [];
    foreach (Sample::inspectionOf($document)->items as $item) {
        if ($item->component === 'wheel.tyre') {
            $asked[$item->position->key()] = $item->points->has(Point::Retread);
        }
    }

    expect($asked)->toBe(match ($rule) {
        'each' => ['steer' => true, 'drive-1' => false, 'drive-2' => false],
        'group' => ['steer' => true, 'drive' => false],
        default => ['' => true],
    });
})->with(['each', 'group', 'all']);
