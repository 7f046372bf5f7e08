<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\LeftOutFinder;
use Pasada\Core\Vehicle\VehicleReader;

/** @return array<string, string> reasons by component and stop's name */
function leftOut(string $checklist, string $vehicle, ?string $form = null): array
{
    $root = dirname(__DIR__, 3);
    $read = (new ChecklistReader())->read((string) file_get_contents("$root/checklists/$checklist.json"));
    $inspection = Inspection::of(
        $read, (new VehicleReader())->read((string) file_get_contents("$root/vehicles/$vehicle.json")),
        $form === null ? null : $read->form($form),
    );
    $left = [];
    foreach ((new LeftOutFinder($read, $inspection))->find() as $one) {
        $left[$one->component.' / '.$one->stop] = $one->reason;
    }

    return $left;
}

it('tells why a part is not asked', function (string $checklist, string $vehicle, ?string $form, array $reasons): void {
    expect(leftOut($checklist, $vehicle, $form))->toMatchArray($reasons);
})->with([
    'no trailer behind' => [
        'every-axle-every-point', 'stake-truck', null,
        [
            'brake.drum / Trailer brakes' => 'the vehicle has no trailer axle',
            'test.park_trailer / Brake tests' => 'only with a trailer and trailer air brakes',
        ],
    ],
    'equipment that is not there' => [
        'whole-walk-round', 'ferry-bus', null,
        ['front.hood_mirrors / Front' => 'only with hood mirrors'],
    ],
    'another form' => [
        'cab-brakes-and-drawn-form', 'dock-tractor-chassis', 'c',
        ['engine.alternator / Engine, right side' => 'not in Form C, trailer'],
    ],
]);

it('names every part that is asked at no place of its stop, and no other', function (
    string $checklist, string $vehicle,
): void {
    $root = dirname(__DIR__, 3);
    $read = (new ChecklistReader())->read((string) file_get_contents("$root/checklists/$checklist.json"));
    $inspection = Inspection::of(
        $read, (new VehicleReader())->read((string) file_get_contents("$root/vehicles/$vehicle.json")),
    );
    $asked = [];
    foreach ($inspection->places as $place) {
        foreach ($place->items as $item) {
            $asked[$item->component.' '.$place->stop] = true;
        }
    }
    $all = 0;
    foreach ($read->sections as $section) {
        foreach ($section->stops as $stop) {
            $all += count($stop->asks);
        }
    }

    expect(count($asked) + count((new LeftOutFinder($read, $inspection))->find()))->toBe($all);
})->with(['every-axle-every-point', 'short-list-grouped'])->with([
    'dock-tractor-chassis', 'ferry-bus', 'stake-truck', 'tide-tanker',
]);
