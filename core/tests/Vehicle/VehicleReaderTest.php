<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\VehicleReader;

it('numbers the axles of a group from the front', function (): void {
    expect(array_map(static fn (Axle $axle): string => $axle->id, Sample::vehicle()->axles()))
        ->toBe(['steer', 'drive-1', 'drive-2'])
        ->and(Sample::vehicle()->axlesOf(AxleGroup::Drive))
        ->toHaveCount(2)
        ->and(Sample::vehicle()->axlesOf(AxleGroup::Drive)[0]->hasDuals())
        ->toBeTrue()
        ->and(Sample::vehicle()->hasTrailer())
        ->toBeFalse();
});

it('tells what the vehicle has', function (Feature $feature, bool $has): void {
    expect(Sample::vehicle()->features->has($feature))->toBe($has);
})->with([
    'listed equipment' => [Feature::AirHorn, true],
    'equipment not listed' => [Feature::HandValve, false],
    'a belt drive' => [Feature::BeltAlternator, true],
    'not also a gear drive' => [Feature::GearAlternator, false],
    'transmission' => [Feature::ManualTransmission, true],
    'no trailer' => [Feature::Trailer, false],
    'no doors' => [Feature::SwingDoors, false],
]);

it('names the place of a fault and what to do', function (array $path, mixed $value, string $expected): void {
    $faults = [];
    try {
        (new VehicleReader)->read((string) json_encode(Sample::with(Sample::vehicleDocument(), $path, $value)));
    } catch (DocumentHasFaults $caught) {
        $faults = array_map(static fn (Fault $fault): string => (string) $fault, $caught->faults);
    }

    expect($faults)->toContain($expected);
})->with([
    'another format' => [['format'], 'truck', 'format: must be "pasada-vehicle/2"'],
    'no units' => [['units'], [], 'units: asks for a list with at least one entry'],
    'a trailer in front' => [
        ['units', 0, 'kind'],
        'semitrailer',
        'units[0].kind: the first unit must drive: a tractor or a truck',
    ],
    'an unknown suspension' => [
        ['units', 0, 'axles', 0, 'suspension'],
        'rubber',
        'units[0].axles[0].suspension: "rubber" is not known; it may be spring, air',
    ],
    'a trailer axle on a tractor' => [
        ['units', 0, 'axles', 1, 'group'],
        'trailer',
        'units[0].axles[1].group: a tractor or truck has steer and drive axles',
    ],
    'axles out of order' => [
        ['units', 0, 'axles', 2, 'at_ft'],
        2,
        'units[0].axles[2].at_ft: must lie behind the axle listed before it',
    ],
    'a unit of no length' => [['units', 0, 'to_ft'], 0, 'units[0].to_ft: must lie behind from_ft and within 150 ft'],
    'a unit too long' => [['units', 0, 'to_ft'], 151, 'units[0].to_ft: must lie behind from_ft and within 150 ft'],
    'a drive that is neither' => [
        ['drives', 'alternator'],
        'chain',
        'drives.alternator: "chain" is not known; it may be belt, gear',
    ],
    'a drive not told' => [['drives', 'water_pump'], null, 'drives.water_pump: asks for a text that is not empty'],
    'unknown equipment' => [
        ['equipment', 0],
        'air-hron',
        'equipment[0]: "air-hron" is not known; did you mean "air-horn"?',
    ],
    'equipment that follows from elsewhere' => [
        ['equipment', 0],
        'trailer',
        'equipment[0]: follows from the rest of the vehicle and is not listed as equipment',
    ],
    'a flag that is no flag' => [
        ['units', 0, 'axles', 0, 'hub_meter'],
        'yes',
        'units[0].axles[0].hub_meter: asks for true or false',
    ],
]);

it('ships vehicles that keep to their published schema', function (string $file): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../../schemas/vehicle.schema.json'));
    $result = (new Validator)->validate(json_decode((string) file_get_contents($file)), $schema);

    expect($result->isValid())->toBeTrue($result->error()?->message() ?? '')
        ->and((new VehicleReader)->read((string) file_get_contents($file))->id)->toBe(basename($file, '.json'));
})->with(glob(__DIR__.'/../../../vehicles/*.json') ?: []);
