<?php

declare(strict_types=1);

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Listening\Lexicon\Entry;
use Pasada\Core\Listening\Lexicon\LexiconReader;
use Pasada\Core\Tests\Listening\Ear;

/** @return list<string> names in the lexicon that mean a part, with this change of parts.json */
function namesOf(string $part, callable $change): array
{
    $files = Ear::files();
    /** @var array<string, mixed> $parts */
    $parts = json_decode($files['parts.json'], true);
    $files['parts.json'] = (string) json_encode($change($parts));
    $of = array_filter(
        (new LexiconReader())->read($files)->entries,
        static fn (Entry $entry): bool => $entry->means === $part,
    );

    return array_values(array_map(static fn (Entry $entry): string => $entry->words, $of));
}

it('gives parts of one name that name', function (string $part): void {
    expect(namesOf($part, static fn (array $parts): array => [
        ...$parts,
        'siblings' => [['parts' => ['tractor.mud_flaps', 'trailer.mud_flaps'], 'names' => ['rubber apron']]],
    ]))->toContain('rubber apron');
})->with(['tractor.mud_flaps', 'trailer.mud_flaps']);

it('takes words at the end of a name one for the other, but for what is another name', function (): void {
    $names = namesOf('engine.coolant', static fn (array $parts): array => [
        ...$parts, 'heads' => [['words' => ['reservoir', 'barrel', 'pump']]],
    ]);

    expect($names)->toContain('coolant barrel')->not->toContain('coolant pump');
});

it('names what is at fault', function (callable $change, string $fault): void {
    expect(fn (): array => namesOf('engine.coolant', $change))->toThrow(DocumentHasFaults::class, $fault);
})->with([
    'a sibling that is no part' => [
        static fn (array $parts): array => [...$parts, 'siblings' => [['parts' => ['a.b'], 'names' => ['c']]]],
        '"a.b" is no part of this file',
    ],
    'a word that no file has' => [
        static fn (array $parts): array => [...$parts, 'weighs' => 1],
        'weighs',
    ],
]);
