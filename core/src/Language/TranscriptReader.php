<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

use Captioning\Cue as CaptionCue;
use Captioning\File;
use Captioning\Format\SubripFile;
use Captioning\Format\WebvttFile;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Throwable;

/**
 * Reads WebVTT, SRT, text with `[m:ss]` or `[h:mm:ss]` before its paragraphs, and untimed text.
 *
 * Caption files in the wild break their standards in harmless ways: header lines, missing numbers, times that overlap.
 * Those are read with a warning; what is no text or no captions is refused.
 */
final readonly class TranscriptReader
{
    /** Characters that speech seldom has: above this share of them a file is something else. */
    private const MOST_ODD_PERCENT = 15;

    /** Twelve hours of fast speech; what the listener is measured for is a tenth of it. */
    private const MOST_WORDS = 120_000;

    /** No word of the trade is half as long; a longer run of letters is no speech. */
    public const LONGEST_WORD = 60;

    private const TIME = '(?:(\d{1,2}):)?(\d{1,2}):(\d{2})';

    /** @throws DocumentHasFaults naming the file, the line and the remedy */
    public function read(string $content, string $name): Transcript
    {
        [$text, $warnings] = $this->decoded($content, $name);
        $cues = match (true) {
            preg_match('/^WEBVTT\b/', $text) === 1 => $this->captions(new WebvttFile(), $this->cleanVtt($text), $name),
            preg_match('/^\s*(\d+\s*\n)?\s*\d{1,2}:\d{2}:\d{2}[,.]\d{1,3}\s*-->/', $text) === 1 => $this->captions(
                $this->subrip(),
                $this->cleanSrt($text),
                $name,
            ),
            str_contains($text, '-->') => throw $this->refused(
                $name,
                'has "-->" but begins neither with WEBVTT nor with a cue; add the line WEBVTT at the top, or number '.
                    'and time of the first cue',
            ),
            preg_match('/^\s*\['.self::TIME.'\]/m', $text) === 1 => $this->paragraphs($text),
            default => [new Cue(0.0, trim($text))],
        };
        $cues = array_values(array_filter($cues, static fn (Cue $cue): bool => trim($cue->text) !== ''));
        if ($cues === []) {
            throw $this->refused($name, 'holds no words; give a caption file (WebVTT, SRT) or a text of what was said');
        }

        $this->refuseTooMuch($cues, $name);

        return new Transcript(...$this->inOrder($cues, [...$warnings, ...$this->doubts($cues)]));
    }

    /** @param  list<Cue>  $cues */
    private function refuseTooMuch(array $cues, string $name): void
    {
        $words = 0;
        foreach ($cues as $n => $cue) {
            $words += (int) preg_match_all('/\S+/', $cue->text);
            if (preg_match('/[^\s]{'.(self::LONGEST_WORD + 1).',}/u', $cue->text) === 1) {
                throw $this->refused(
                    $name,
                    sprintf(
                        'has a word of more than %d letters in caption %d; captions of speech have none, so this is '.
                            'something else',
                        self::LONGEST_WORD,
                        $n + 1,
                    ),
                );
            }
        }
        if ($words > self::MOST_WORDS) {
            throw $this->refused(
                $name,
                sprintf('holds %d words, at most %d are taken; cut off what is not the walk', $words, self::MOST_WORDS),
            );
        }
    }

    /** @return array{string, list<string>} the text in UTF-8, and what was odd about it */
    private function decoded(string $content, string $name): array
    {
        $warnings = [];
        $text = match (true) {
            str_starts_with($content, "\xEF\xBB\xBF") => substr($content, 3),
            str_starts_with($content, "\xFF\xFE") => mb_convert_encoding(substr($content, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($content, "\xFE\xFF") => mb_convert_encoding(substr($content, 2), 'UTF-8', 'UTF-16BE'),
            default => $content,
        };
        if (preg_match('/[\x00-\x08\x0E-\x1A\x1C-\x1F]/', substr($text, 0, 65536)) === 1) {
            throw $this->refused($name, 'is a binary file and no captions; export the captions as WebVTT, SRT or text');
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
            $warnings[] =
                'The file is not in UTF-8; it was read as Windows-1252. Save it as UTF-8 if letters look wrong.';
        }
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $odd = (int) preg_match_all('/[^\p{L}\p{N}\p{P}\p{Z}\s<>=+|~^`$%°½¼¾]/u', $text);
        if ($odd * 100 > self::MOST_ODD_PERCENT * max(1, mb_strlen($text))) {
            throw $this->refused($name, 'is hardly any words; export the captions as WebVTT, SRT or text');
        }

        return [$text, $warnings];
    }

    private function subrip(): SubripFile
    {
        return new SubripFile(null, null, false, false);
    }

    /** @return list<Cue> */
    private function captions(File $file, string $text, string $name): array
    {
        try {
            $file->loadFromString($text);
        } catch (Throwable $fault) {
            throw $this->refused(
                $name,
                'is no caption file that can be read: '.
                    trim((string) preg_replace('/\s+/', ' ', $fault->getMessage())),
            );
        }
        $cues = [];
        /** @var CaptionCue $cue */
        foreach ($file->getCues() as $cue) {
            $cues[] = new Cue(
                $this->milliseconds(is_string($cue->getStart()) ? $cue->getStart() : '') / 1000,
                $this->plain($cue->getText()),
            );
        }

        return $cues;
    }

    private function milliseconds(string $time): int
    {
        return preg_match('/^'.self::TIME.'[,.](\d{1,3})/', $time, $found) === 1
            ? ((int) $found[1] * 3600 + (int) $found[2] * 60 + (int) $found[3]) * 1000 +
                    (int) str_pad($found[4], 3, '0')
            : 0;
    }

    /** Header lines, notes, styles and settings are left out; the library takes them for faults. */
    private function cleanVtt(string $text): string
    {
        $blocks = ['WEBVTT'];
        foreach ($this->blocks($text) as $block) {
            $lines = explode("\n", trim($block));
            foreach ($lines as $n => $line) {
                if (
                    preg_match(
                        '/^((?:\d+:)?\d{1,2}:\d{2}\.\d{1,3})\s*-->\s*((?:\d+:)?\d{1,2}:\d{2}\.\d{1,3})/',
                        trim($line),
                        $times,
                    ) === 1
                ) {
                    $blocks[] =
                        $this->stamp($times[1]).
                        ' --> '.
                        $this->stamp($times[2]).
                        "\n".
                        $this->words(array_slice($lines, $n + 1));
                    break;
                }
            }
        }

        return implode("\n\n", $blocks)."\n";
    }

    /** @return list<string> what stands between empty lines */
    private function blocks(string $text): array
    {
        $blocks = preg_split('/\n\s*\n/', trim($text));

        return $blocks === false ? [] : $blocks;
    }

    /** @param  list<string>  $lines  of a cue; the library refuses one without any */
    private function words(array $lines): string
    {
        $lines = array_filter($lines, static fn (string $line): bool => trim($line) !== '');

        return $lines === [] ? '…' : implode("\n", $lines);
    }

    private function stamp(string $time): string
    {
        return sprintf(
            '%02d:%02d:%02d.%03d',
            ...[
                intdiv($this->milliseconds($time), 3600000), intdiv($this->milliseconds($time), 60000) % 60,
                intdiv($this->milliseconds($time), 1000) % 60, $this->milliseconds($time) % 1000,
            ],
        );
    }

    private function cleanSrt(string $text): string
    {
        $blocks = [];
        foreach ($this->blocks($text) as $block) {
            $lines = explode("\n", trim($block));
            foreach ($lines as $n => $line) {
                if (
                    preg_match(
                        '/^(\d{1,2}:\d{2}:\d{2}[,.]\d{1,3})\s*-->\s*(\d{1,2}:\d{2}:\d{2}[,.]\d{1,3})/',
                        trim($line),
                        $times,
                    ) === 1
                ) {
                    $blocks[] =
                        count($blocks) +
                        1 .
                        "\n".
                        strtr($this->stamp($times[1]).' --> '.$this->stamp($times[2]), '.', ',').
                        "\n".
                        $this->words(array_slice($lines, $n + 1));
                    break;
                }
            }
        }

        return implode("\n\n", $blocks)."\n";
    }

    /** Marks of voice, colour and karaoke are taken out: what is shown later must be words and nothing that runs. */
    private function plain(string $text): string
    {
        return trim(
            (string) preg_replace(
                ['/<[^>]{0,200}>/', '/\{\\\\[^}]*\}/', '/…/u', '/[ \t]*\n[ \t]*/'],
                ['', '', '', ' '],
                html_entity_decode($text, ENT_QUOTES | ENT_HTML5, 'UTF-8'),
            ),
        );
    }

    /** @return list<Cue> */
    private function paragraphs(string $text): array
    {
        $cues = [];
        $pieces = preg_split('/^\s*\['.self::TIME.'\][ \t]*/m', $text, -1, PREG_SPLIT_DELIM_CAPTURE);
        if ($pieces === false) {
            return [];
        }
        if (trim($pieces[0]) !== '') {
            $cues[] = new Cue(0.0, trim($pieces[0]));
        }
        for ($n = 1; $n + 3 < count($pieces); $n += 4) {
            $cues[] = new Cue(
                (int) $pieces[$n] * 3600.0 + (int) $pieces[$n + 1] * 60 + (int) $pieces[$n + 2],
                $this->plain($pieces[$n + 3]),
            );
        }

        return $cues;
    }

    /**
     * @param  list<Cue>  $cues
     * @param  list<string>  $warnings
     * @return array{list<Cue>, list<string>}
     */
    private function inOrder(array $cues, array $warnings): array
    {
        $before = 0.0;
        foreach ($cues as $cue) {
            if ($cue->from < $before) {
                usort($cues, static fn (Cue $a, Cue $b): int => $a->from <=> $b->from);
                $warnings[] = 'Some times run backwards; the captions were put in the order of their times.';
                break;
            }
            $before = $cue->from;
        }

        return [$cues, $warnings];
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<string>
     */
    private function doubts(array $cues): array
    {
        $text = mb_strtolower(implode(' ', array_map(static fn (Cue $cue): string => $cue->text, $cues)));
        $words = (int) preg_match_all('/\p{L}+/u', $text);
        $english = (int) preg_match_all('/\b(the|and|is|it|no|not|are|my|to|on|in|this|that)\b/', $text);

        return $words > 40 && $english * 25 < $words
            ? ['Hardly any of the words are English; Pasada only listens in English.']
            : [];
    }

    private function refused(string $name, string $why): DocumentHasFaults
    {
        return DocumentHasFaults::in($name, [Fault::at('', $why)]);
    }
}
