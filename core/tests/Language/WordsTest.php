<?php

declare(strict_types=1);

use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Excerpt;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;

it('spells short forms out, with and without their apostrophe', function (string $text, string $words): void {
    expect(implode(' ', Words::of(new Transcript([new Cue(0.0, $text)]))->text))->toBe($words);
})->with([
    ["It isn't bent", 'it is not bent'], ['it isnt bent', 'it is not bent'], ["handle's in", 'handle is in'],
    ["ain't frayed", 'not frayed'], ["they're dry", 'they are dry'], ['two of ’em', 'two of them'],
    ['ABS light', 'a b s light'], ['50%', '50 percent'], ['432nds', '432 nds'], ['tie-rod', 'tie rod'], ['', ''],
]);

it('knows where sentences, clauses and questions end', function (): void {
    $words = Words::of(new Transcript([new Cue(0.0, 'Rim, good. What next? Drum'), new Cue(5.0, 'tight')]));
    expect($words->text)
        ->toBe(['rim', 'good', 'what', 'next', 'drum', 'tight'])
        ->and($words->break)
        ->toBe([Words::NO_BREAK, Words::COMMA, Words::SENTENCE, Words::NO_BREAK, Words::QUESTION, Words::NO_BREAK])
        ->and($words->cue)
        ->toBe([0, 0, 0, 0, 0, 1]);
});

it('gives back the words as they stand in the captions, over cues', function (): void {
    $transcript = new Transcript([
        new Cue(0.0, 'Then the  Slack Adjuster’s tight,'),
        new Cue(9.0, 'one INCH at most.'),
    ]);
    expect(Excerpt::of($transcript, Words::of($transcript), 2, 9))->toBe('Slack Adjuster’s tight, one INCH at');
});

it('takes no stop for one that stands inside a sentence or behind a letter', function (
    string $text,
    array $stops,
): void {
    $words = Words::of(new Transcript([new Cue(0.0, $text)]));
    $found = array_keys(array_filter($words->break, static fn (int $one): bool => $one === Words::SENTENCE));

    expect(array_map(static fn (int $at): string => $words->text[$at], $found))->toBe($stops);
})->with([
    'behind a word that ends no sentence' => ['They are not. Cracked or bent. The rim', ['the']],
    'behind the letters of a short form' => ['Mud flap. A.B.S. lamp, amber', ['a']],
    'behind "no" where it denies' => ['Make sure no. Crack on it. It is dry', ['it']],
    'behind "no" where it answers' => ['Is it bent? No. It is straight', ['it']],
]);

it('believes no stop where many stand inside sentences', function (): void {
    $text = str_repeat('It is not. Bent and the. Rim no. Cracks are. There. Hub seal dry. ', 3);
    $words = Words::of(new Transcript([new Cue(0.0, $text)]));
    $at = (int) array_search('hub', $words->text, true);

    expect($words->break[$at])->toBe(Words::COMMA);
});

it('keeps a stop and a comma at the end of a caption, over captions without a word', function (
    string $end, int $break,
): void {
    $words = Words::of(new Transcript([new Cue(0.0, 'cap on'.$end), new Cue(1.0, ''), new Cue(2.0, 'tight')]));

    expect($words->break[2])->toBe($break);
})->with([['.', Words::SENTENCE], [',', Words::COMMA], ['', Words::NO_BREAK]]);
