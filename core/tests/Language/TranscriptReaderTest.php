<?php

declare(strict_types=1);

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\TranscriptReader;

/** @return list<string> */
function cuesOf(string $content): array
{
    return array_map(
        static fn (Cue $cue): string => $cue->from.' '.$cue->text,
        (new TranscriptReader())->read($content, 'walk')->cues,
    );
}

it('reads captions and texts', function (string $content, string ...$cues): void {
    expect(cuesOf($content))->toBe($cues);
})->with([
    'WebVTT' => [
        "WEBVTT\n\n00:00:02.500 --> 00:00:05.000\nrim is good\n\n00:01:05.000 --> 00:01:09.000\ndrum\ntight\n",
        '2.5 rim is good',
        '65 drum tight',
    ],
    'WebVTT with header, notes, styles and settings' => [
        "WEBVTT - made up\nKind: captions\nLanguage: en\n\nSTYLE\n::cue { color: red }\n\nNOTE no ".
            "words\n\n1\n00:02.000 --> 00:05.000 align:start position:0%\n<c.yellow>rim</c> <00:00:03.000>good\n",
        '2 rim good',
    ],
    'SRT' => [
        "1\n00:00:01,000 --> 00:00:04,000\nrim is good\n\n2\n00:00:04,000 --> 00:00:06,500\n<i>drum</i> tight\n",
        '1 rim is good',
        '4 drum tight',
    ],
    'SRT with a wrong number and Windows line ends' => [
        "7\r\n00:00:01,000 --> 00:00:04,000\r\nrim\r\n\r\n7\r\n00:00:04,000 --> 00:00:06,000\r\ndrum\r\n",
        '1 rim',
        '4 drum',
    ],
    'marked paragraphs' => [
        "[0:05] rim is good\nand tight\n\n[1:02:03] drum\n",
        '5 rim is good and tight',
        '3723 drum',
    ],
    'untimed text' => ["rim is good\n\ndrum is tight", "0 rim is good\n\ndrum is tight"],
    'a mark that is no text' => ["\xEF\xBB\xBF[0:05] rim", '5 rim'],
    'UTF-16' => ["\xFF\xFE".mb_convert_encoding('[0:05] rim', 'UTF-16LE', 'UTF-8'), '5 rim'],
]);

it('never hands on anything that could run', function (): void {
    expect(
        cuesOf("WEBVTT\n\n00:01.000 --> 00:02.000\n<script>alert(1)</script><img src=x onerror=alert(2)> rim\n"),
    )->toBe(['1 alert(1) rim']);
});

it('reads odd files with a warning', function (string $content, string $warning): void {
    expect(implode(' ', (new TranscriptReader)->read($content, 'walk')->warnings))->toContain($warning);
})->with([
    'times that run backwards' => ["[1:00] rim\n[0:30] drum\n", 'run backwards'],
    'another encoding' => ["r\xE9servoir is full", 'Windows-1252'],
    'another language' => [str_repeat('der Reifen hat genug Profil und keine Risse ', 9), 'English'],
]);

it('puts times that run backwards in order', function (): void {
    expect(cuesOf("[1:00] rim\n[0:30] drum\n"))->toBe(['30 drum', '60 rim']);
});

it('refuses what is no captions, naming file and remedy', function (string $content, string $why): void {
    expect(fn () => (new TranscriptReader())->read($content, 'walk.vtt'))->toThrow(function (
        DocumentHasFaults $faults,
    ) use ($why): void {
        expect($faults->document)->toBe('walk.vtt')->and((string) $faults->faults[0])->toContain($why);
    });
})->with([
    'nothing' => ['', 'no words'],
    'only spaces' => ["  \n \n", 'no words'],
    'a WebVTT without cues' => ["WEBVTT\n\nNOTE nothing\n", 'no words'],
    'binary' => ["\x00\x01\x02 rim", 'binary'],
    'cues without a header' => ["rim\n00:01.000 --> 00:02.000\nrim\n", 'WEBVTT'],
    'hardly any words' => [str_repeat("\u{2603}\u{2604}\u{2605} ", 50), 'hardly any words'],
]);
