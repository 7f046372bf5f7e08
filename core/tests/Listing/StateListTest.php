<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Listing\ListedPart;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Tests\Listing\OwnList;
use Pasada\Core\Tests\Sample;
use Pasada\Core\Vehicle\VehicleReader;

/** Sections of an invented state's list, the form each is drawn in, and how many of their usual parts it asks. */
const STATE_SECTIONS = [
    'In the cab' => ['', 20, ['cab']],
    'Under the hood' => ['A', 22, ['engine-right', 'engine-left']],
    'Front axle' => ['B', 14, ['axle:steer']],
    'Side of the truck' => ['B', 12, ['side', 'rear-cab']],
    'Drive axle' => ['A', 12, ['axle:drive']],
    'Trailer' => ['', 10, ['trailer-front', 'trailer-side', 'trailer-rear']],
];

/** The list as a clerk would write it: a title, headings of the sections in capitals, numbers, names shouted or not. */
function stateList(): string
{
    $lines = ['Applicant inspection sheet;;;', ';;;', 'Ref;What the applicant names;Test form;Must'];
    $number = 0;
    foreach (STATE_SECTIONS as $section => [$form, $many, $zones]) {
        $lines[] = ';'.mb_strtoupper($section).';;';
        foreach (array_slice(partsIn($zones), 0, $many) as $name) {
            $number++;
            $lines[] = implode(';', [
                $number, $number % 3 === 0 ? mb_strtoupper($name) : $name, $form, $number % 30 === 1 ? 'X' : '',
            ]);
        }
    }

    return implode("\n", $lines);
}

/**
 * @param  list<string>  $zones
 * @return list<string> names of the parts that are usually asked there
 */
function partsIn(array $zones): array
{
    $names = [];
    foreach (array_keys(OwnList::known()->components) as $id) {
        foreach (OwnList::known()->stops($id, []) as $stop) {
            $zone = $stop['zone'].(isset($stop['axles']) ? ':'.$stop['axles'] : '');
            if (in_array($zone, $zones, true)) {
                $names[$id] = OwnList::known()->name($id);
            }
        }
    }

    return array_values($names);
}

/** Read once for all vehicles and forms: nothing changes it. */
function stateChecklist(): Checklist
{
    static $read = null;
    if ($read instanceof Checklist) {
        return $read;
    }
    [, $list, $faults] = OwnList::read(stateList());
    expect($faults)->toBe([]);

    $document = json_decode(Sample::shipped('checklists', 'whole-walk-round'), true);
    assert(is_array($document));
    unset($document['rules']['brake_tests']);
    $document['rules']['pass'] = [
        'overall_percent' => 80, 'critical_components' => $list['critical_components'], 'note' => 'Set yours.',
    ];

    return $read = (new ChecklistReader())->read((string) json_encode([
        ...$document, 'id' => 'invented-state', 'name' => 'Invented state', 'figures' => [],
        ...array_diff_key($list, ['critical_components' => true]),
    ]));
}

it('makes a checklist of three times thirty items from a list of odd layout, without a question', function (): void {
    [$parts] = OwnList::read(stateList());
    $doubtful = array_filter($parts, static fn (ListedPart $part): bool => ! $part->isSettled);

    expect(count($parts))->toBe(90)
        ->and(count($doubtful))->toBeLessThan(5)
        ->and(array_keys(stateChecklist()->forms->forms))->toBe(['a', 'b'])
        ->and(array_column(stateChecklist()->sections, 'name'))->toBe(
            array_map(mb_strtoupper(...), array_keys(STATE_SECTIONS)),
        );
});

it('is walked perfectly on every shipped vehicle under every form', function (string $vehicle, string $form): void {
    $checklist = stateChecklist();
    $read = (new VehicleReader())->read(Sample::shipped('vehicles', $vehicle));
    $inspection = Inspection::of($checklist, $read, $checklist->forms->of($form));
    $marks = [];
    foreach ($inspection->places as $place) {
        $marks[] = Sample::enter(count($marks) + 1, $place->id);
        foreach ($place->items as $item) {
            $marks[] = Sample::whole(count($marks) + 1, $item->id);
        }
    }
    $sheet = ScoreSheet::ofInspection($inspection, MarkList::of(...$marks, ...[Sample::finish(count($marks) + 1)]));

    expect([$sheet->overall->permille(), $sheet->order->outOfPlace, $sheet->order->sectionsOutOfPlace])
        ->toBe([1000, [], []]);
})->with(array_map(
    static fn (string $file): string => basename($file, '.json'),
    (array) glob(dirname(__DIR__, 3).'/vehicles/*.json'),
))->with(['a', 'b']);
