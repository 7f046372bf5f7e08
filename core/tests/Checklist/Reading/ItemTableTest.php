<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Checklist\Reading\ItemTable;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Tests\Sample;

/** @return list<string> */
function tableFaults(string $csv): array
{
    try {
        ItemTable::mergeInto(Sample::checklistDocument(), $csv);
    } catch (DocumentHasFaults $caught) {
        return array_map(strval(...), $caught->faults);
    }

    return [];
}

it('gives the same document back for a table that nobody changed', function (string $file): void {
    $document = json_decode((string) file_get_contents($file), true);
    $again = ItemTable::mergeInto($document, ItemTable::write($document));

    expect((new ChecklistReader())->read((string) json_encode($again)))->toEqual(
        (new ChecklistReader())->read((string) json_encode($document)),
    );
})->with(glob(__DIR__.'/../../../../checklists/*.json') ?: []);

it('takes over what was changed', function (): void {
    $csv = str_replace(
        'engine.oil_level,"Oil level",level,sealed,1',
        'engine.oil_level,"Engine oil",level sealed,,3',
        ItemTable::write(Sample::checklistDocument()),
    );
    $item = Sample::inspectionOf(ItemTable::mergeInto(Sample::checklistDocument(), $csv))->items['engine.oil_level'];

    expect($item->name)
        ->toBe('Engine oil')
        ->and($item->weight)
        ->toBe(3)
        ->and($item->essential->count())
        ->toBe(2)
        ->and($item->further->isEmpty())
        ->toBeTrue();
});

it('adds, moves and leaves out rows', function (): void {
    $csv = "stop,component,name,essential\ncab,cab.seat,Seat,adjusted\ncab,engine.oil_level,Oil,level\n";
    $items = Sample::inspectionOf([...ItemTable::mergeInto(Sample::checklistDocument(), $csv), 'figures' => []])->items;

    expect(array_keys($items))->toBe(['cab.seat', 'engine.oil_level']);
});

it('understands what spreadsheets save', function (callable $saved): void {
    $csv = $saved(ItemTable::write(Sample::checklistDocument()));

    expect(tableFaults($csv))
        ->toBe([])
        ->and(ItemTable::mergeInto(Sample::checklistDocument(), $csv))
        ->toBe(ItemTable::mergeInto(Sample::checklistDocument(), ItemTable::write(Sample::checklistDocument())));
})->with([
    'a byte-order mark' => [static fn (string $csv): string => "\u{FEFF}".$csv],
    'semicolons' => [static fn (string $csv): string => str_replace(',', ';', $csv)],
    'tabs' => [static fn (string $csv): string => str_replace(',', "\t", $csv)],
    'line ends of Windows' => [static fn (string $csv): string => str_replace("\n", "\r\n", $csv)],
    'empty lines at the end' => [static fn (string $csv): string => $csv."\n,,,,,,,\n"],
    'capital letters in the heading' => [static fn (string $csv): string => ucfirst($csv)],
]);

it('names the line of a fault and what to do', function (string $csv, string $expected): void {
    expect(tableFaults($csv))->toContain($expected);
})->with([
    'an unknown stop' => [
        "stop,component,name,essential\nroof,cab.seat,Seat,works\n",
        'line 2, stop: "roof" is no stop of this checklist; it has cab, engine, steer-wheel, drive-wheel',
    ],
    'an unknown point' => [
        "stop,component,name,essential\ncab,cab.seat,Seat,shiny\n",
        'line 2, essential: "shiny" is not a known point',
    ],
    'no name' => [
        "stop,component,name,essential\ncab,cab.seat,,works\n",
        'line 2, name: asks for a text that is not empty',
    ],
    'a weight that is none' => [
        "stop,component,name,essential,weight\ncab,cab.seat,Seat,works,much\n",
        'line 2, weight: "much" is no whole number from 0 to 100',
    ],
    'a bonus that is neither' => [
        "stop,component,name,essential,bonus\ncab,cab.seat,Seat,works,perhaps\n",
        'line 2, bonus: "perhaps" is neither yes nor no',
    ],
    'a missing column' => [
        "stop,component,essential\n",
        'line 1: has no column "name"; the columns are section, stop, component, name, essential, further, weight, '.
            'bonus',
    ],
    'one component two ways' => [
        "stop,component,name,essential\nsteer-wheel,wheel.tyre,Tyre,even\ndrive-wheel,wheel.tyre,Tyre,depth\n",
        'line 3: "wheel.tyre" stands in an earlier line with other points, name or weight; make them the same',
    ],
    'nothing but a heading' => ["stop,component,name,essential\n", 'holds no row below its heading'],
    'another encoding' => [
        "stop,component,name,essential\ncab,cab.seat,Si\xE8ge,works\n",
        'is not UTF-8; save it as "CSV UTF-8"',
    ],
    'far too many rows' => [
        "stop,component,name,essential\n".str_repeat("cab,cab.seat,Seat,works\n", 2001),
        'line 2002: is more than the 2000 rows that a checklist can have',
    ],
]);
