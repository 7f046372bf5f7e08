<?php

declare(strict_types=1);

use Pasada\Core\Checklist\CreditRule;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Faults;
use Pasada\Core\Document\Node;

/** @return list<string> the faults that a reading leaves */
function faultsOf(mixed $value, callable $read): array
{
    $faults = new Faults;
    $read(Node::root($value, $faults));
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
    'a decimal for a whole number' => [['a' => 2.0], fn (Node $n) => $n->int('a', 1, 3), 'a: asks for a whole number from 1 to 3'],
    'a text for a flag' => [['a' => 'no'], fn (Node $n) => $n->boolOr('a', true), 'a: asks for true or false'],
    'an object for a list' => [['a' => ['b' => 1]], fn (Node $n) => $n->nodesOr('a'), 'a: asks for a list'],
    'a list for an object' => [['a' => [1]], fn (Node $n) => $n->entries('a'), 'a: asks for an object'],
    'a place deep inside' => [['a' => [['b' => [1]]]], fn (Node $n) => $n->nodes('a')[0]->strings('b'), 'a[0].b[0]: asks for a text that is not empty'],
    'a number for a word' => [['a' => 7], fn (Node $n) => $n->enum('a', CreditRule::class), 'a: asks for a text; it may be named, essential, weighted, full'],
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
