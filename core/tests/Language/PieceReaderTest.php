<?php

declare(strict_types=1);

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Language\Alternative;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\PieceReader;

it('reads pieces with their times', function (): void {
    expect(
        (new PieceReader())->read([
            'pieces' => [['from_ms' => 4000, 'text' => 'water pump'], ['from_ms' => 7500, 'text' => 'no leaks']],
        ])->cues,
    )->toEqual([new Cue(4.0, 'water pump'), new Cue(7.5, 'no leaks')]);
});

it('takes what it is bounded to, and not a piece more', function (int $pieces, string $text, bool $taken): void {
    $read = static fn (): array => (new PieceReader())->read([
        'pieces' => array_fill(0, $pieces, ['from_ms' => 0, 'text' => $text]),
    ])->cues;
    $taken ? expect($read())->toHaveCount($pieces) : expect($read)->toThrow(DocumentHasFaults::class);
})->with([
    'the most pieces' => [400, 'rim', true],
    'one more' => [401, 'rim', false],
    'the most letters' => [400, str_repeat('rim is ok ', 10), true],
    'one more each' => [400, str_repeat('rim is ok ', 10).'x', false],
    'the longest word' => [1, str_repeat('o', 60), true],
    'a longer one' => [1, str_repeat('o', 61), false],
]);

it('names the piece at fault', function (array $pieces, string $fault): void {
    expect(static fn () => (new PieceReader())->read(['pieces' => $pieces]))->toThrow(DocumentHasFaults::class, $fault);
})->with([
    'no list' => [[], 'pieces: '],
    'no time' => [[['text' => 'rim']], 'pieces[0].from_ms'],
    'no text' => [[['from_ms' => 1]], 'pieces[0].text'],
    'a control character' => [[['from_ms' => 1, 'text' => "rim\0"]], 'holds a control character'],
]);

it('reads what else a recognizer may have heard, whatever its weights make in sum', function (): void {
    $cue = (new PieceReader())->read([
        'pieces' => [[
            'from_ms' => 0,
            'alternatives' => [
                ['text' => 'torch arm tight', 'weight' => 3],
                ['text' => 'torque arm tight', 'weight' => 1],
            ],
        ]],
    ])->cues[0];

    expect($cue->text)->toBe('torch arm tight')
        ->and($cue->alternatives)->toEqual([
            new Alternative('torch arm tight', 0.75),
            new Alternative('torque arm tight', 0.25),
        ]);
});

it('names the reading at fault', function (mixed $alternatives, string $fault): void {
    expect(fn () => (new PieceReader())->read(['pieces' => [['from_ms' => 0, 'alternatives' => $alternatives]]]))
        ->toThrow(DocumentHasFaults::class, $fault);
})->with([
    'no weight' => [[['text' => 'rim']], 'pieces[0].alternatives[0].weight: give a number over 0'],
    'a weight of nothing' => [[['text' => 'rim', 'weight' => 0]], 'give a number over 0'],
    'none at all' => [[], 'alternatives'],
    'too many' => [array_fill(0, 21, ['text' => 'rim', 'weight' => 1]), 'give 1 to 20 readings'],
    'a word that is none' => [[['text' => str_repeat('o', 61), 'weight' => 1]], 'more than 60 letters'],
]);
