<?php

declare(strict_types=1);

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Attempt\Marks\MarkWriter;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Tests\Sample;

/**
 * @param  list<string>  $stored
 * @return list<Mark>
 */
function readMarks(mixed $marks, int $notBefore = 0, array $stored = []): array
{
    return (new MarkReader(Sample::inspection()))->read(
        ['marks' => $marks],
        $notBefore,
        static fn (string $id): bool => in_array($id, $stored, true),
    );
}

/**
 * @param  list<string>  $stored
 * @return list<string>
 */
function markFaults(mixed $marks, int $notBefore = 0, array $stored = []): array
{
    try {
        readMarks($marks, $notBefore, $stored);
    } catch (DocumentHasFaults $faults) {
        return array_map(static fn (Fault $fault): string => (string) $fault, $faults->faults);
    }

    return [];
}

/**
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function rawMark(int $n, string $kind, array $more = []): array
{
    return ['id' => Sample::id($n), 'at_ms' => $n * 1000, 'kind' => $kind, ...$more];
}

it('reads back what it writes', function (Mark $mark): void {
    $read = readMarks([MarkWriter::write($mark)], 0, [Sample::id(1)]);

    expect($read[0]->equals($mark))->toBeTrue();
})->with([
    'complete' => [Sample::whole(2, 'engine.oil_level')],
    'points heard' => [Sample::points(2, 'engine.alternator', Point::Mounted, Point::BeltPlay)],
    'named only' => [Mark::pointsHeard(Sample::id(2), 2000, 'engine.alternator', PointSet::none())],
    'taken back' => [Sample::takenBack(2, 'engine.alternator', Point::Identified)],
    'place entered' => [Sample::enter(2, 'cab')],
    'place closed' => [Sample::close(2, 'engine')],
    'not equipped' => [Sample::wave(2, 'cab.horn_air')],
    'a note on an item' => [Mark::note(Sample::id(2), 2000, 'say it louder', 'cab.horn_air')],
    'a note on the walk' => [Mark::note(Sample::id(2), 2000, 'wind')],
    'undo' => [Sample::undo(2, 1)],
    'finished' => [Sample::finish(2)],
]);

it('has a shape for every kind of mark', function (): void {
    foreach (MarkKind::cases() as $kind) {
        expect(markFaults([rawMark(1, $kind->value, ['surplus' => 1])]))->toContain(
            'marks[0].surplus: is not known here',
        );
    }
});

it('names the mark at fault and why', function (mixed $marks, string $expected): void {
    expect(markFaults($marks))->toContain($expected);
})->with([
    'no list' => ['heard', 'marks: asks for a list with at least one entry'],
    'an empty list' => [[], 'marks: asks for a list with at least one entry'],
    'a mark that is no object' => [['x'], 'marks[0]: asks for an object'],
    'an unknown kind' => [
        [rawMark(1, 'heard_hole', ['item' => 'cab.horn_air'])],
        'marks[0].kind: "heard_hole" is not known; did you mean "heard_whole"?',
    ],
    'an id that is no UUID' => [[['id' => '7', 'at_ms' => 0, 'kind' => 'finished']], 'marks[0].id: asks for a UUID'],
    'an item not on the sheet' => [
        [rawMark(1, 'heard_whole', ['item' => 'engine.rocket'])],
        'marks[0].item: "engine.rocket" is not on the sheet of this attempt',
    ],
    'a place not on the walk' => [
        [rawMark(1, 'place_entered', ['place' => 'roof'])],
        'marks[0].place: "roof" is no place of this walk',
    ],
    'a point not asked of the item' => [
        [rawMark(1, 'points_heard', ['item' => 'engine.oil_level', 'points' => ['depth']])],
        'marks[0].points: "depth" is not asked of this item',
    ],
    'an unknown point' => [
        [rawMark(1, 'points_heard', ['item' => 'engine.oil_level', 'points' => ['levle']])],
        'marks[0].points[0]: "levle" is not known; did you mean "level"?',
    ],
    'a time that is no number' => [
        [['id' => Sample::id(1), 'at_ms' => '12', 'kind' => 'finished']],
        'marks[0].at_ms: asks for a whole number from 0 to 43200000',
    ],
    'a time below zero' => [
        [['id' => Sample::id(1), 'at_ms' => -1, 'kind' => 'finished']],
        'marks[0].at_ms: asks for a whole number from 0 to 43200000',
    ],
    'a time of the epoch' => [
        [['id' => Sample::id(1), 'at_ms' => 1_795_000_000_000, 'kind' => 'finished']],
        'marks[0].at_ms: asks for a whole number from 0 to 43200000',
    ],
    'a time that runs backwards' => [
        [rawMark(5, 'heard_whole', ['item' => 'cab.horn_air']), rawMark(4, 'heard_whole', ['item' => 'cab.seat_belt'])],
        'marks[1].at_ms: runs backwards: 4000 ms after 5000 ms; a recorder sends its marks in the order it made them',
    ],
    'an empty note' => [[rawMark(1, 'note', ['text' => '  '])], 'marks[0].text: asks for a text that is not empty'],
    'a note too long' => [
        [rawMark(1, 'note', ['text' => str_repeat('ä', 2001)])],
        'marks[0].text: is longer than 2000 characters',
    ],
    'an undo of nothing known' => [
        [rawMark(1, 'undo', ['undoes' => Sample::id(77)])],
        'marks[0].undoes: names no mark of this attempt',
    ],
]);

it('does not let a recorder go behind its own last mark', function (): void {
    expect(markFaults([rawMark(4, 'finished')], 5000))->toHaveCount(1)
        ->and(markFaults([rawMark(5, 'finished')], 5000))->toBe([]);
});

it('takes a mark sent again although its time lies behind', function (): void {
    expect(markFaults([rawMark(4, 'finished')], 5000, [Sample::id(4)]))->toBe([]);
});

it('lets an undo name a mark of the same batch or a stored one', function (): void {
    expect(
        markFaults([
            rawMark(1, 'heard_whole', ['item' => 'cab.horn_air']),
            rawMark(2, 'undo', ['undoes' => Sample::id(1)]),
        ]),
    )
        ->toBe([])
        ->and(markFaults([rawMark(2, 'undo', ['undoes' => Sample::id(1)])], 0, [Sample::id(1)]))
        ->toBe([]);
});

it('reads ids in capitals as the same ids', function (): void {
    expect(readMarks([['id' => strtoupper(Sample::id(10)), 'at_ms' => 0, 'kind' => 'finished']])[0]->id)->toBe(
        Sample::id(10),
    );
});
