<?php

declare(strict_types=1);

use Pasada\Core\Checklist\Rules\CreditRule;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** @return list<string> the faults that a reading leaves */
function faultsOf(mixed $value, callable $read): array
{
    $faults = new Faults;
    $read(Node::root($value, $faults));

    return faultsLeft($faults);
}

/** @return list<string> */
function faultsLeft(Faults $faults): array
{
    try {
        $faults->stopIfAny('document');
    } catch (DocumentHasFaults $caught) {
        return array_map(static fn (Fault $fault): string => (string) $fault, $caught->faults);
    }

    return [];
}

it('reads a value that is right without a fault', function (mixed $value, callable $read, mixed $expected): void {
    $got = null;
    $faults = faultsOf($value, static function (Node $node) use ($read, &$got): void {
        $got = $read($node);
    });

    expect($faults)->toBe([])->and($got)->toBe($expected);
})->with([
    'a text' => [['a' => 'x'], fn (Node $n): string => $n->string('a'), 'x'],
    'a text that may be missing' => [[], fn (Node $n): string => $n->stringOr('a', 'd'), 'd'],
    'the lowest number' => [['a' => 1], fn (Node $n): int => $n->int('a', 1, 3), 1],
    'the highest number' => [['a' => 3], fn (Node $n): int => $n->int('a', 1, 3), 3],
    'a number that may be missing' => [[], fn (Node $n): int => $n->intOr('a', 1, 3, 2), 2],
    'zero is there' => [['a' => 0], fn (Node $n): int => $n->intOr('a', 0, 3, 2), 0],
    'false is there' => [['a' => false], fn (Node $n): bool => $n->boolOr('a', true), false],
    'thousandths of a whole number' => [['a' => 4], fn (Node $n): ?int => $n->thousandths('a'), 4000],
    'thousandths of a decimal' => [['a' => 0.125], fn (Node $n): ?int => $n->thousandths('a'), 125],
    'thousandths below zero' => [['a' => -0.5], fn (Node $n): ?int => $n->thousandths('a'), -500],
    'thousandths of nothing' => [[], fn (Node $n): ?int => $n->thousandths('a'), null],
    'a list of texts' => [['a' => ['x', 'y']], fn (Node $n): array => $n->strings('a'), ['x', 'y']],
    'a list that may be missing' => [[], fn (Node $n): array => $n->strings('a'), []],
    'a known word' => [['a' => 'full'], fn (Node $n): CreditRule => $n->enum('a', CreditRule::class), CreditRule::Full],
    'an object that may be missing' => [[], fn (Node $n): array => $n->entries('a'), []],
]);

it('names the place of a value that is wrong', function (mixed $value, callable $read, string $expected): void {
    expect(faultsOf($value, $read))->toBe([$expected]);
})->with([
    'a number for a text' => [['a' => 1], fn (Node $n) => $n->string('a'), 'a: asks for a text that is not empty'],
    'blanks for a text' => [['a' => '  '], fn (Node $n) => $n->string('a'), 'a: asks for a text that is not empty'],
    'below the range' => [['a' => 0], fn (Node $n) => $n->int('a', 1, 3), 'a: asks for a whole number from 1 to 3'],
    'above the range' => [['a' => 4], fn (Node $n) => $n->int('a', 1, 3), 'a: asks for a whole number from 1 to 3'],
    'a decimal for a whole number' => [
        ['a' => 2.0],
        fn (Node $n) => $n->int('a', 1, 3),
        'a: asks for a whole number from 1 to 3',
    ],
    'a text for a flag' => [['a' => 'no'], fn (Node $n) => $n->boolOr('a', true), 'a: asks for true or false'],
    'an object for a list' => [['a' => ['b' => 1]], fn (Node $n) => $n->nodesOr('a'), 'a: asks for a list'],
    'a list for an object' => [['a' => [1]], fn (Node $n) => $n->entries('a'), 'a: asks for an object'],
    'a place deep inside' => [
        ['a' => [['b' => [1]]]],
        fn (Node $n) => $n->nodes('a')[0]->strings('b'),
        'a[0].b[0]: asks for a text that is not empty',
    ],
    'a number for a word' => [
        ['a' => 7],
        fn (Node $n) => $n->enum('a', CreditRule::class),
        'a: asks for a text; it may be named, essential, weighted, full',
    ],
    'no number at all for a figure' => [['a' => 'x'], fn (Node $n) => $n->thousandths('a'), 'a: asks for a number'],
    'four decimals' => [
        ['a' => 0.1234],
        fn (Node $n) => $n->thousandths('a'),
        'a: has more than three decimals or is too large',
    ],
    'a figure beyond all measure' => [
        ['a' => 1e10],
        fn (Node $n) => $n->thousandths('a'),
        'a: has more than three decimals or is too large',
    ],
    'an empty list where one entry is needed' => [
        ['a' => []],
        fn (Node $n) => $n->nodes('a'),
        'a: asks for a list with at least one entry',
    ],
    'no list where one is needed' => [[], fn (Node $n) => $n->nodes('a'), 'a: asks for a list with at least one entry'],
    'one of a few words, another' => [
        ['a' => 'up'],
        fn (Node $n) => $n->choiceOr('a', ['left', 'right'], 'left'),
        'a: "up" is not known; it may be left, right',
    ],
    'a word one slip away' => [
        ['a' => 'fulll'],
        fn (Node $n) => $n->enum('a', CreditRule::class),
        'a: "fulll" is not known; did you mean "full"?',
    ],
    'a word two slips away' => [
        ['a' => 'wheigted'],
        fn (Node $n) => $n->enum('a', CreditRule::class),
        'a: "wheigted" is not known; did you mean "weighted"?',
    ],
    'a word too far from any' => [
        ['a' => 'everything'],
        fn (Node $n) => $n->enum('a', CreditRule::class),
        'a: "everything" is not known; it may be named, essential, weighted, full',
    ],
    'a wrong word in a list' => [
        ['a' => ['full', 'ful']],
        fn (Node $n) => $n->enums('a', CreditRule::class),
        'a[1]: "ful" is not known; did you mean "full"?',
    ],
    'a misspelt key' => [
        ['nmae' => 1],
        fn (Node $n) => $n->only('name'),
        'nmae: is not known here; did you mean "name"?',
    ],
    'a list where keys are asked' => [['a' => [1]], fn (Node $n) => $n->child('a')->only('x'), 'a: asks for an object'],
    'a key too many' => [['a' => 1, 'bb' => 2], fn (Node $n) => $n->only('a'), 'bb: is not known here'],
]);

it('counts the faults that its message leaves out', function (): void {
    $faults = new Faults;
    $faults->add('a', 'is wrong');
    $faults->add('b', 'is wrong too');
    $faults->stopIfAny('list.json');
})->throws(DocumentHasFaults::class, 'list.json: a: is wrong (and 1 more)');

it('stops nobody where there is no fault', function (): void {
    $faults = new Faults;
    $faults->stopIfAny('list.json');

    expect($faults->none())->toBeTrue();
});

it('takes an id in small letters, digits and single hyphens, once', function (
    string $id,
    array $seen,
    array $faults,
): void {
    expect(faultsOf(['id' => $id], static fn (Node $node): string => $node->uniqueId($seen)))->toBe($faults);
})->with([
    'a word' => ['cab', [], []],
    'words and digits' => ['axle-2-left', [], []],
    'beside another' => ['cab', ['cabin' => true], []],
    'used before' => ['cab', ['cab' => true], ['id: "cab" is used twice']],
    'a capital' => ['Cab', [], ['id: is written in small letters, digits and single hyphens, at most 60 of them']],
    'two hyphens' => ['a--b', [], ['id: is written in small letters, digits and single hyphens, at most 60 of them']],
    'a hyphen at the end' => [
        'a-',
        [],
        ['id: is written in small letters, digits and single hyphens, at most 60 of them'],
    ],
    'a hyphen in front' => [
        '-a',
        [],
        ['id: is written in small letters, digits and single hyphens, at most 60 of them'],
    ],
]);

it('parses a text, or says why it is none of ours', function (string $text, bool $read, string $fault): void {
    $faults = new Faults;
    $node = Node::parse($text, $faults);

    $left = implode("\n", faultsLeft($faults));
    expect($node->has('a'))
        ->toBe($read)
        ->and($fault === '' ? $left === '' : str_contains($left, $fault))
        ->toBeTrue($left);
})->with([
    'an object' => ['{"a": 1}', true, ''],
    'with a byte-order mark' => ["\u{FEFF}{\"a\": 1}", true, ''],
    'cut off' => ['{"a": 1', false, 'this is not JSON'],
    'nothing' => ['', false, 'check for a missing comma, quote or bracket'],
    'a byte too large' => ['{"a": "'.str_repeat('x', Node::LARGEST_BYTES - 8).'"}', false, 'is larger than 2 MB'],
    'as large as may be' => ['{"a": "'.str_repeat('x', Node::LARGEST_BYTES - 9).'"}', true, ''],
]);

it('takes a name on one line, of a length that fits into lists', function (string $name, array $faults): void {
    expect(faultsOf(['name' => $name], static fn (Node $node): string => $node->name()))->toBe($faults);
})->with([
    'a name' => ['Dock 4', []],
    'the longest' => [str_repeat('é', 160), []],
    'a longer one' => [str_repeat('é', 161), ['name: is to be on one line of at most 160 letters']],
    'two lines' => ["Dock\n4", ['name: is to be on one line of at most 160 letters']],
    'a control character' => ["Dock\x07", ['name: holds a control character; write it without']],
]);

it('takes an id that no header and no file name breaks on', function (string $id, bool $taken): void {
    expect(faultsOf(['id' => $id], static fn (Node $node): string => $node->id()) === [])->toBe($taken);
})->with([
    'plain' => ['axle-2', true],
    'with an end of line' => ["axle-2\n", false],
    'the longest' => [str_repeat('a', 60), true],
    'a longer one' => [str_repeat('a', 61), false],
    'a path' => ['../x', false],
]);

it('takes a UUID in small letters', function (string $id, bool $taken): void {
    expect(faultsOf(['id' => $id], static fn (Node $node): string => $node->uuid('id')) === [])->toBe($taken);
})->with([
    'small' => ['01900000-0000-7000-8000-000000000001', true],
    'large' => ['01900000-0000-7000-8000-00000000000A', true],
    'with an end of line' => ["01900000-0000-7000-8000-000000000001\n", false],
    'none' => ['seven', false],
]);
