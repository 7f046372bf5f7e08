<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

/** @return list<string> ids of the files of a folder */
function shippedIds(string $folder): array
{
    return array_map(
        static fn (string $file): string => basename($file, '.json'),
        (array) glob(dirname(__DIR__, 3)."/$folder/*.json"),
    );
}

/**
 * @return Generator<string, array{string, string, ?string}> every shipped checklist on every vehicle under every form
 */
function shippedWalks(): Generator
{
    foreach (shippedIds('checklists') as $checklist) {
        $forms = (new ChecklistReader)->read(Sample::shipped('checklists', $checklist))->forms->forms;
        foreach (shippedIds('vehicles') as $vehicle) {
            foreach ([null, ...array_keys($forms)] as $form) {
                yield "$checklist, $vehicle, ".($form ?? 'all of it') => [$checklist, $vehicle, $form];
            }
        }
    }
}

function shippedInspection(string $checklist, string $vehicle, ?string $form = null): Inspection
{
    $read = (new ChecklistReader)->read(Sample::shipped('checklists', $checklist));

    return Inspection::of(
        $read,
        (new VehicleReader())->read(Sample::shipped('vehicles', $vehicle)),
        $form === null ? null : $read->forms->of($form),
    );
}

/** Everything said in the listed order, or with the places of each axle turned round. @return list<Mark> */
function perfectWalk(Inspection $inspection): array
{
    $n = 0;
    $marks = [];
    $mark = static function (string $kind, string $of) use (&$n, &$marks): void {
        $n++;
        $marks[] = match ($kind) {
            'enter' => Sample::enter($n, $of),
            'whole' => Sample::whole($n, $of),
            'wave' => Sample::wave($n, $of),
            'noticed' => Mark::defectNoticed(Sample::id($n), $n * 1000, $of),
        };
    };
    foreach (listedPlaces($inspection) as $place) {
        $mark('enter', $place->id);
        foreach ($place->items as $item) {
            $mark($item->fitted ? 'whole' : 'wave', $item->id);
            if ($item->defect !== null) {
                $mark('noticed', $item->id);
            }
        }
    }

    return [...$marks, Sample::finish($n + 1)];
}

/** The places as listed, but outside in at each axle where the checklist asks for that. @return list<Place> */
function listedPlaces(Inspection $inspection): array
{
    if ($inspection->checklist->rules->order->direction->value !== 'outside-in') {
        return $inspection->places;
    }
    $places = $axle = [];
    foreach ($inspection->places as $place) {
        if ($axle !== [] && $place->axles !== $axle[0]->axles) {
            array_push($places, ...array_reverse($axle));
            $axle = [];
        }
        if ($place->group === null) {
            $places[] = $place;
        } else {
            $axle[] = $place;
        }
    }

    return [...$places, ...array_reverse($axle)];
}

it('passes a perfect walk: all of it earned, nothing out of place', function (
    string $checklist,
    string $vehicle,
    ?string $form,
): void {
    $inspection = shippedInspection($checklist, $vehicle, $form);
    $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...perfectWalk($inspection)));

    expect([
        $sheet->verdict->standing, $sheet->overall->permille(), $sheet->order->outOfPlace,
        $sheet->order->sectionsOutOfPlace, $sheet->remarks,
    ])->toBe([Standing::Passed, 1000, [], [], []]);
})->with(fn (): Generator => shippedWalks());

it('asks every component of the catalogue somewhere', function (): void {
    $lines = array_slice(
        explode("\n", trim((string) file_get_contents(dirname(__DIR__, 3).'/catalogue/components.csv'))),
        1,
    );
    $asked = [];
    foreach (shippedWalks() as [$checklist, $vehicle, $form]) {
        foreach ($form === null ? shippedInspection($checklist, $vehicle)->items : [] as $item) {
            $asked[$item->component] = true;
        }
    }
    $missing = array_filter(
        array_map(static fn (string $line): string => explode(',', $line)[0], $lines),
        static fn (string $id): bool => ! isset($asked[$id]),
    );

    expect(count($lines))->toBeGreaterThan(180)->and(array_values($missing))->toBe([]);
});

it('asks a spring spacer at the steer axle of the fullest list, and the cables of a roll-up door', function (): void {
    expect(shippedInspection('every-axle-every-point', 'frost-reefer')->items)->toHaveKeys([
        'susp.spacer@steer',
        'trailer.door_cables',
    ]);
});
