<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Checklist\Rules\ReturnRule;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Tests\Sample;

/** @return list<string> */
function checklistFaults(string $json): array
{
    try {
        (new ChecklistReader)->read($json);
    } catch (DocumentHasFaults $faults) {
        return array_map(static fn (Fault $fault): string => (string) $fault, $faults->faults);
    }

    return [];
}

it('reads rules, sections and figures', function (): void {
    $checklist = Sample::checklist();

    expect($checklist)->toBeInstanceOf(Checklist::class)
        ->and($checklist->rules->credit)->toBe(CreditRule::Essential)
        ->and($checklist->rules->returns)->toBe(ReturnRule::End)
        ->and($checklist->rules->halfForPart)->toBeFalse()
        ->and($checklist->rules->timeAllowedSeconds)->toBeNull()
        ->and($checklist->sections)->toHaveCount(2)
        ->and($checklist->sections[0]->short)->toBe('In the cab')
        ->and($checklist->figures[2]->high)->toBe(750);
});

it('names the place of a fault and what to do', function (array $path, mixed $value, string $expected): void {
    $faults = checklistFaults((string) json_encode(Sample::with(Sample::checklistDocument(), $path, $value)));

    expect($faults)->toContain($expected);
})->with([
    'another format' => [['format'], 'other/1', 'format: must be "pasada-checklist/2"'],
    'no name' => [['name'], null, 'name: asks for a text that is not empty'],
    'a misspelt rule' => [['rules', 'retuns'], 'end', 'rules.retuns: is not known here; did you mean "returns"?'],
    'an unknown rule value' => [
        ['rules', 'credit'],
        'half',
        'rules.credit: "half" is not known; it may be named, essential, weighted, full',
    ],
    'a rule value nearly right' => [
        ['rules', 'credit'],
        'ful',
        'rules.credit: "ful" is not known; did you mean "full"?',
    ],
    'no pass mark' => [
        ['rules', 'pass'],
        ['note' => 'x'],
        'rules.pass: asks for at least one of overall_percent, section_percent, misses_allowed, '.
            'section_misses_allowed, sections',
    ],
    'a critical section that is not there' => [
        ['rules', 'pass', 'critical_sections'],
        ['roof'],
        'rules.pass.critical_sections[0]: "roof" is not among the sections',
    ],
    'a critical component that is not there' => [
        ['rules', 'pass', 'critical_components'],
        ['cab.roof'],
        'rules.pass.critical_components[0]: "cab.roof" is not among the components',
    ],
    'a pass mark above 100' => [
        ['rules', 'pass', 'overall_percent'],
        101,
        'rules.pass.overall_percent: asks for a whole number from 1 to 100',
    ],
    'an unknown point' => [
        ['components', 0, 'essential', 1],
        'inteact',
        'components[0].essential[1]: "inteact" is not known; did you mean "intact"?',
    ],
    'a point asked twice' => [
        ['components', 0, 'further'],
        ['works'],
        'components[0].further: repeats an essential point: works',
    ],
    'a point listed twice' => [
        ['components', 0, 'essential'],
        ['works', 'works'],
        'components[0].essential[1]: is listed twice',
    ],
    'naming as a point' => [
        ['components', 0, 'further'],
        ['identified'],
        'components[0].further: "identified" is what pointing and naming gives; it cannot be asked as a point',
    ],
    'no essential point' => [
        ['components', 0, 'essential'],
        [],
        'components[0].essential: asks for a list with at least one entry',
    ],
    'a component listed twice' => [
        ['components', 1, 'id'],
        'cab.seat_belt',
        'components[1].id: "cab.seat_belt" is listed twice',
    ],
    'a component id out of form' => [
        ['components', 0, 'id'],
        'Seat belt',
        'components[0].id: is written as zone.part, in small letters and underscores, at most 50 of them',
    ],
    'an unknown feature' => [
        ['components', 1, 'needs'],
        ['air-horn|siren'],
        'components[1].needs[0]: "siren" is no feature of a vehicle or axle',
    ],
    'a need for a point not asked' => [
        ['components', 0, 'point_needs'],
        ['level' => ['trailer']],
        'components[0].point_needs.level: is not a point of this component',
    ],
    'words for an unknown point' => [
        ['components', 0, 'say'],
        ['shiny' => 'x'],
        'components[0].say.shiny: "shiny" is not a known point',
    ],
    'a weight below nothing' => [
        ['components', 0, 'weight'],
        -1,
        'components[0].weight: asks for a whole number from 0 to 100',
    ],
    'no section' => [['sections'], [], 'sections: asks for a list with at least one entry'],
    'sections missing' => [['sections'], null, 'sections: asks for a list with at least one entry'],
    'a section id used twice' => [['sections', 1, 'id'], 'cab', 'sections[1].id: "cab" is used twice'],
    'a stop id used twice' => [
        ['sections', 1, 'stops', 0, 'id'],
        'cab',
        'sections[1].stops[0].id: "cab" is used twice',
    ],
    'an id out of form' => [
        ['sections', 0, 'id'],
        'In cab',
        'sections[0].id: is written in small letters, digits and single hyphens, at most 60 of them',
    ],
    'a short name too long' => [
        ['sections', 0, 'short'],
        'In the cab of it',
        'sections[0].short: is longer than 14 characters; it stands in the drawing',
    ],
    'an unknown component at a stop' => [
        ['sections', 0, 'stops', 0, 'asks', 0],
        'cab.roof',
        'sections[0].stops[0].asks[0]: "cab.roof" is not among the components',
    ],
    'a component asked twice at a position' => [
        ['sections', 1, 'stops', 0, 'asks', 1],
        'engine.alternator',
        'sections[1].stops[0].asks[1]: "engine.alternator" is asked twice at the same position',
    ],
    'a component asked nowhere' => [
        ['sections', 0, 'stops', 0, 'asks'],
        ['cab.seat_belt', 'side.mirror'],
        'components[1]: "cab.horn_air" is asked at no stop; ask it or leave it out',
    ],
    'an axle stop without axles' => [
        ['sections', 1, 'stops', 1, 'axles'],
        null,
        'sections[1].stops[1]: names its axles if, and only if, its zone is "axle"',
    ],
    'axles away from an axle' => [
        ['sections', 0, 'stops', 0, 'axles'],
        'steer',
        'sections[0].stops[0]: names its axles if, and only if, its zone is "axle"',
    ],
    'a range upside down' => [['figures', 2, 'low'], 1, 'figures[2].low: is above high'],
    'a figure without a limit' => [['figures', 2, 'high'], null, 'figures[2]: asks for a low or a high value'],
    'an unknown unit' => [
        ['figures', 2, 'unit'],
        'mm',
        'figures[2].unit: "mm" is not known; it may be 1/32 in, in, psi, s, deg, V, deg F, %, count, B:C',
    ],
    'a figure of an unknown component' => [
        ['figures', 2, 'components'],
        ['engine.rocket'],
        'figures[2].components[0]: is not among the components',
    ],
    'a figure finer than a thousandth' => [
        ['figures', 2, 'high'],
        0.7501,
        'figures[2].high: has more than three decimals or is too large',
    ],
    'a figure that is a text' => [['figures', 2, 'high'], '3/4', 'figures[2].high: asks for a number'],
]);

it('reports all faults of a file together', function (): void {
    $document = Sample::with(Sample::with(Sample::checklistDocument(), ['name'], 7), ['rules', 'axles'], 'some');

    expect(checklistFaults((string) json_encode($document)))->toHaveCount(2);
});

it('says where a text stops being JSON at all', function (string $json): void {
    expect(checklistFaults($json)[0] ?? '')->toContain('this is not JSON');
})->with(['broken' => ['{"format": '], 'empty' => [''], 'prose' => ['a checklist']]);

it('asks for an object where a list stands', function (): void {
    expect(checklistFaults('[1]'))->toContain('asks for an object');
});

it('reads a file saved with a byte-order mark', function (): void {
    expect(checklistFaults("\u{FEFF}".json_encode(Sample::checklistDocument())))->toBe([]);
});

it('refuses more points than can be shared out exactly', function (): void {
    $points = ['works', 'mounted', 'intact', 'complete', 'sealed', 'level', 'cap', 'clean', 'greased'];

    expect(
        checklistFaults(
            (string) json_encode(
                Sample::with(
                    Sample::checklistDocument(),
                    ['components', 0],
                    ['id' => 'cab.seat_belt', 'name' => 'Belt', 'essential' => $points],
                ),
            ),
        ),
    )->toContain('components[0]: lists more points than can be shared out exactly; leave some further points out');
});

it('ships checklists that keep to their published schema', function (string $file): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../../../schemas/checklist.schema.json'));
    $result = (new Validator)->validate(json_decode((string) file_get_contents($file)), $schema);

    expect($result->isValid())->toBeTrue($result->error()?->message() ?? '')
        ->and((new ChecklistReader)->read((string) file_get_contents($file))->id)->toBe(basename($file, '.json'));
})->with(glob(__DIR__.'/../../../../checklists/*.json') ?: []);
