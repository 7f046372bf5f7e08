<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Listing\ListedPart;
use Pasada\Core\Listing\PartsList;
use Pasada\Core\Tests\Listing\OwnList;

const YARD_SHEET = <<<'CSV'
Pre-trip sheet of a made-up state
No;Area;Inspection item;Student must say;Form;Auto fail
1;Engine compartment;Oil level (dipstick);level between marks;A;
2;;Alternator;mounted, no cracks;A;
3;;Steering box;mounted, not leaking;A;
4;Front axle;Leaf springs;not cracked, not shifted;B;
5;;Brake drum / rotor;no cracks;B;x
6;Trailer;Landing gear;raised;C;
7;;Mud flaps;mounted;C;
8;In-cab;Seat belt;latches;;yes
CSV;

it('guesses what the columns hold, whatever they are called and wherever they stand', function (
    string $text, array $columns,
): void {
    expect(OwnList::columns($text))->toBe($columns);
})->with([
    'title above, parts in the third' => [
        YARD_SHEET, ['nothing', 'section', 'part', 'points', 'form', 'critical'],
    ],
    'parts last' => [
        "Pts,Location,Component\n1,Engine,Alternator\n2,Engine,Water pump", ['worth', 'section', 'part'],
    ],
    'no headings' => ["Alternator\t3\nWater pump\t2\nRadiator\t1", ['part', 'nothing']],
    'one column' => ["1. Alternator\n2. Water pump", ['part']],
]);

it('recognizes parts by other names, by sound and by the section they stand in', function (
    string $text, array $choices,
): void {
    expect(OwnList::choices($text))->toMatchArray($choices);
})->with([
    'other names' => [
        "Gear box\nDipstick\nPower steering fluid",
        [
            'Gear box' => 'steering.gearbox', 'Dipstick' => 'engine.oil_level',
            'Power steering fluid' => 'steering.reservoir',
        ],
    ],
    'misspelled' => ["Alternater\nSlack ajuster", [
        'Alternater' => 'engine.alternator', 'Slack ajuster' => 'brake.slack_adjuster',
    ]],
    'by the section' => [
        "TRAILER\nLanding gear\nHeader board\nMud flaps",
        ['Mud flaps' => 'trailer.mud_flaps'],
    ],
    'in doubt' => [
        "TRAILER\nLanding gear\nMarker lights\nCargo straps",
        ['Landing gear' => 'trailer.landing_gear', 'Cargo straps' => 'trailer.door_latches?'],
    ],
    'nothing like it' => ["Alternator\nSnow shovel", ['Snow shovel' => ListedPart::MAKE_NEW.'?']],
]);

it('takes sections from a column or from headings', function (string $text, array $sections): void {
    $names = array_map(static fn (ListedPart $part): string => $part->section, OwnList::read($text)[0]);

    expect($names)->toBe($sections);
})->with([
    'a column, filled once' => [
        "Area;Part\nEngine;Alternator\n;Radiator\nCab;Seat belt", ['Engine', 'Engine', 'Cab'],
    ],
    'in capitals' => ["ENGINE\nAlternator\nIN THE CAB\nSeat belt", ['ENGINE', 'IN THE CAB']],
    'with a colon' => ["Engine:\n- Alternator\n- Radiator", ['Engine', 'Engine']],
    'a line alone in a table' => [
        "Part;Say\nEngine compartment;\nAlternator;tight\nRadiator;no leaks",
        ['Engine compartment', 'Engine compartment'],
    ],
    'none' => ["Alternator\nRadiator", ['Inspection', 'Inspection']],
]);

it('makes of a list what a checklist reads without a fault', function (): void {
    [, $list, $faults] = OwnList::read(YARD_SHEET);
    $file = dirname(__DIR__, 3).'/checklists/every-axle-every-point.json';
    $shipped = json_decode((string) file_get_contents($file), true);
    assert(is_array($shipped) && is_array($list['components']) && is_array($list['sections']));
    $rules = $shipped['rules'];
    unset($rules['brake_tests'], $rules['pass']['critical_sections']);
    $rules['pass']['critical_components'] = $list['critical_components'];
    $document = [
        ...$shipped, 'rules' => $rules, 'figures' => [], 'components' => $list['components'],
        'sections' => $list['sections'], 'forms' => $list['forms'],
    ];
    $checklist = (new ChecklistReader())->read((string) json_encode($document));

    expect($faults)->toBe([])
        ->and(array_column($checklist->sections, 'name'))->toBe([
            'Engine compartment', 'Front axle', 'Trailer', 'In-cab',
        ])
        ->and(array_keys($checklist->forms->forms))->toBe(['a', 'b', 'c'])
        ->and($checklist->forms->always)->toBe(['in-cab'])
        ->and($list['critical_components'])->toBe(['brake.drum', 'cab.seat_belt'])
        ->and(array_column($list['components'], 'essential', 'id')['engine.alternator'])->toBe(['mounted', 'intact'])
        ->and(array_column($list['sections'], 'stops', 'id')['front-axle'][0])->toMatchArray([
            'zone' => 'axle', 'axles' => 'steer', 'asks' => ['susp.leaf_springs'],
        ]);
});

it('asks a part at the axles that are told, and at all where none is', function (string $text, array $axles): void {
    $stops = array_merge(...array_column((array) OwnList::read($text)[1]['sections'], 'stops'));

    expect(array_column($stops, 'axles'))->toBe($axles);
})->with([
    'none' => ["Leaf springs\nAlternator", ['steer', 'drive', 'trailer']],
    'by the section' => ["DRIVE AXLE\nLeaf springs", ['drive']],
    'by a column' => ["Part;Axle\nLeaf springs;steer and trailer\nU-bolts;steer", ['steer', 'trailer']],
]);

it('does as a person says: another part, a new one, none', function (string $choice, array $ids): void {
    $components = OwnList::read("Alternator\nMarker lights", [2 => $choice])[1]['components'];

    expect(array_column((array) $components, 'id'))->toBe($ids);
})->with([
    ['trailer.side_lights', ['engine.alternator', 'trailer.side_lights']],
    [ListedPart::MAKE_NEW, ['engine.alternator', 'own.marker_lights']],
    [ListedPart::LEAVE_OUT, ['engine.alternator']],
]);

it('tells every fault with its line and what to do', function (string $text, string $fault): void {
    expect(implode("\n", OwnList::read($text)[2]))->toContain($fault);
})->with([
    'the same part twice' => [
        "Alternator\nGenerator belt\nAlternator",
        'line 3: "Alternator" is the same part as "Alternator" in line 1; choose another part for one of them, or',
    ],
    'a new name twice' => ["Part;Worth\nSnow shovel;1\nSnow shovel;1", 'line 3: "Snow shovel" stands in line 2'],
    'a worth that is none' => ["Part;Worth\nAlternator;lots\nRadiator;1", 'line 2, worth: "lots" is no whole number'],
    'neither yes nor no' => ["Part;Critical\nAlternator;perhaps\nRadiator;x", '"perhaps" is neither yes nor no'],
    'a section half drawn' => [
        "Area;Part;Form\nEngine;Alternator;A\nEngine;Radiator;\nCab;Seat belt;A", 'in "Engine" some parts are drawn',
    ],
]);

it('refuses what is no list', function (string $text, string $fault): void {
    expect(static fn (): PartsList => PartsList::ofText($text))->toThrow(DocumentHasFaults::class, $fault);
})->with([
    'nothing' => ['', 'holds no line with words in it'],
    'blank lines' => ["\n \n;;\n", 'holds no line with words in it'],
    'far too many lines' => [
        str_repeat("Alternator\n", 20000), 'holds more than 2000 lines, which is more than a checklist has',
    ],
    'a cell with a book in it' => [str_repeat('very long ', 60), 'line 1, column A: is longer than 500 letters'],
]);
