<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Tests\Sample;

/** @param  list<array{string, int}>  $weights @param  list<string>  $always */
function formed(array $weights = [['a', 1], ['b', 1]], array $always = ['cab']): array
{
    $sections = ['a' => ['outside'], 'b' => ['cab'], 'c' => ['outside', 'cab']];

    return [
        ...Sample::checklistDocument(),
        'forms' => [
            'always' => $always,
            'draw' => array_map(
                static fn (array $form): array => [
                    'id' => $form[0],
                    'name' => strtoupper($form[0]),
                    'sections' => $sections[$form[0]],
                    'weight' => $form[1],
                ],
                $weights,
            ),
        ],
    ];
}

it('asks what the form holds and what is always asked', function (?string $form, int $items): void {
    expect(Sample::inspectionOf(formed([['a', 1], ['b', 1]]), null, $form)->items)->toHaveCount($items);
})->with([
    'form a, with the cab always' => ['a', 8],
    'form b, the cab only' => ['b', 4],
    'no form: everything' => [null, 8],
]);

it('draws the same form for the same seed', function (): void {
    $forms = (new ChecklistReader)->read((string) json_encode(formed()))->forms;

    foreach (range(1, 20) as $seed) {
        expect($forms->draw($seed)?->id)->toBe($forms->draw($seed)?->id);
    }
});

it('draws by weight', function (array $weights, array $shares): void {
    $forms = (new ChecklistReader())->read((string) json_encode(formed($weights)))->forms;
    $drawn = array_count_values(
        array_map(static fn (int $seed): string => $forms->draw($seed)->id ?? '', range(1, 3000)),
    );

    foreach ($shares as $id => $percent) {
        // Three thousand draws keep within three percent of their chance.
        expect(abs(($drawn[$id] ?? 0) / 30 - $percent))->toBeLessThan(3);
    }
})->with([
    'even' => [[['a', 1], ['b', 1]], ['a' => 50, 'b' => 50]],
    'weighted' => [[['a', 3], ['b', 1]], ['a' => 75, 'b' => 25]],
    'never drawn' => [[['a', 1], ['b', 0]], ['a' => 100, 'b' => 0]],
    'three' => [[['a', 1], ['b', 2], ['c', 1]], ['a' => 25, 'b' => 50, 'c' => 25]],
]);

it('draws nothing where there are no forms', function (): void {
    expect(Sample::checklist()->forms->draw(7))->toBeNull();
});

it('names the place of a fault and what to do', function (array $document, string $expected): void {
    $faults = [];
    try {
        (new ChecklistReader)->read((string) json_encode($document));
    } catch (DocumentHasFaults $caught) {
        $faults = array_map(strval(...), $caught->faults);
    }

    expect($faults)->toContain($expected);
})->with([
    'a section that no form reaches' => [
        formed([['b', 1]]),
        'forms: the section "outside" is reached by no form and not always asked; add it to one, or leave the '.
            'section out',
    ],
    'weights that sum to nothing' => [
        formed([['a', 0], ['b', 0]]),
        'forms.draw: has weights that sum to nothing; give at least one form a weight above 0',
    ],
    'an unknown section' => [formed(always: ['cabin']), 'forms.always[0]: "cabin" is not among the sections'],
    'a section named twice' => [formed(always: ['cab', 'cab']), 'forms.always[1]: is named twice'],
    'a form id used twice' => [formed([['a', 1], ['a', 1]]), 'forms.draw[1].id: "a" is used twice'],
    'component weights that sum to nothing' => [(static function (): array {
        $document = Sample::checklistDocument();
        foreach (array_keys($document['components']) as $index) {
            $document['components'][$index]['weight'] = 0;
        }

        return $document;
    })(),
        'components: has weights that sum to nothing; give at least one component a weight above 0',
    ],
    'carry-over in a circle' => [
        Sample::ruled([
            'carry_over' => ['scopes' => ['axle'], 'from' => ['drive' => ['trailer'], 'trailer' => ['drive']]],
        ]),
        'rules.carry_over.from.drive: refers back to itself in a circle; an axle can only refer to one that was said '.
            'before it',
    ],
    'carry-over to itself' => [
        Sample::ruled(['carry_over' => ['scopes' => ['axle'], 'from' => ['drive' => ['drive']]]]),
        'rules.carry_over.from.drive: refers back to itself in a circle; an axle can only refer to one that was said '.
            'before it',
    ],
    'carry-over between unknown axles' => [
        Sample::ruled(['carry_over' => ['scopes' => [], 'from' => ['pusher' => []]]]),
        'rules.carry_over.from.pusher: is no group of axles; it may be steer, drive or trailer',
    ],
    'brake tests in an unknown section' => [
        Sample::ruled(['brake_tests' => ['section' => 'yard']]),
        'rules.brake_tests.section: "yard" is not among the sections',
    ],
    'too many restarts' => [
        Sample::ruled(['brake_tests' => ['section' => 'cab', 'restarts' => 3]]),
        'rules.brake_tests.restarts: asks for a whole number from 0 to 2',
    ],
    'an unknown weight of the brake tests' => [
        Sample::ruled(['brake_tests' => ['section' => 'cab', 'weight' => 'heavy']]),
        'rules.brake_tests.weight: "heavy" is not known; it may be critical, section, counted',
    ],
    'an unknown order' => [
        Sample::ruled(['order' => ['items' => 'random']]),
        'rules.order.items: "random" is not known; it may be fixed, grouped, free',
    ],
    'an unknown aid' => [
        Sample::ruled(['aid' => 'phone']),
        'rules.aid: "phone" is not known; it may be none, unmarked-list',
    ],
    'a reason for no rule' => [
        Sample::ruled(['reasons' => ['weather' => 'rain']]),
        'rules.reasons.weather: names no rule',
    ],
    'an accepted range upside down' => [
        Sample::with(
            Sample::with(Sample::checklistDocument(), ['figures', 0, 'accepted_low'], 5),
            ['figures', 0, 'accepted_high'],
            4,
        ),
        'figures[0].accepted_low: is above accepted_high',
    ],
    'a group of unknown parts' => [
        Sample::with(
            Sample::checklistDocument(),
            ['components', 0],
            ['id' => 'cab.seat_belt', 'name' => 'Belts', 'parts' => ['cab.strap']],
        ),
        'components[0].parts[0]: "cab.strap" is not among the components',
    ],
    'a part asked on its own, too' => [
        Sample::with(
            Sample::checklistDocument(),
            ['components', 0],
            ['id' => 'cab.seat_belt', 'name' => 'Cab', 'parts' => ['cab.horn_air']],
        ),
        'components[1]: "cab.horn_air" is asked on its own and as a part of "Cab"; it would count twice',
    ],
    'a document of many megabytes' => [
        ['format' => str_repeat('x', 3 << 20)],
        'is larger than 2 MB; no document of Pasada is, so this is some other file',
    ],
]);
