<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

use Captioning\Cue as CaptionCue;
use Captioning\File;
use Captioning\Format\SubripFile;
use Captioning\Format\WebvttFile;
use Pasada\Core\Document\DocumentHasFaults;
use Throwable;

/**
 * Reads WebVTT, SRT, text with `[m:ss]` or `[h:mm:ss]` before its paragraphs, untimed text, and pieces with the
 * readings of a recognizer in JSON (see PieceReader).
 *
 * Caption files in the wild break their standards in harmless ways: header lines, missing numbers, times that overlap.
 * Those are read with a warning; what is no text or no captions is refused.
 */
final readonly class TranscriptReader
{
    /** @throws DocumentHasFaults naming the file, the line and the remedy */
    public function read(string $content, string $name): Transcript
    {
        $file = new CaptionText($name);
        [$text, $warnings] = $file->decoded($content);
        $clean = new CaptionCleaner();
        $cues = match (true) {
            preg_match('/^\s*\{\s*"pieces"/', $text) === 1 => $this->pieces($text, $file),
            preg_match('/^WEBVTT\b/', $text) === 1 => $this->captions(new WebvttFile(), $clean->vtt($text), $file),
            preg_match('/^\s*(\d+\s*\n)?\s*\d{1,2}:\d{2}:\d{2}[,.]\d{1,3}\s*-->/', $text) === 1 => $this->captions(
                $this->subrip(),
                $clean->srt($text),
                $file,
            ),
            str_contains($text, '-->') => throw $file->refused(
                'has "-->" but begins neither with WEBVTT nor with a cue; add the line WEBVTT at the top, or number '.
                    'and time of the first cue',
            ),
            preg_match('/^\s*\['.CaptionTime::PATTERN.'\]/m', $text) === 1 => $this->paragraphs($text),
            default => [new Cue(0.0, trim($text))],
        };
        $cues = array_values(array_filter($cues, static fn (Cue $cue): bool => trim($cue->text) !== ''));
        if ($cues === []) {
            throw $file->refused('holds no words; give a caption file (WebVTT, SRT) or a text of what was said');
        }

        $file->refuseTooMuch($cues);

        return new Transcript(...$this->inOrder($cues, [...$warnings, ...$this->doubts($cues)]));
    }

    /** @return list<Cue> */
    private function pieces(string $json, CaptionText $file): array
    {
        $document = json_decode($json, true);

        return is_array($document)
            ? PieceReader::ofAll()->read($document)->cues
            : throw $file->refused(
                'begins like pieces in JSON but is none; check for a missing comma, quote or bracket',
            );
    }

    private function subrip(): SubripFile
    {
        return new SubripFile(null, null, false, false);
    }

    /** @return list<Cue> */
    private function captions(File $reader, string $text, CaptionText $file): array
    {
        try {
            $reader->loadFromString($text);
        } catch (Throwable $fault) {
            throw $file->refused(
                'is no caption file that can be read: '.
                    trim((string) preg_replace('/\s+/', ' ', $fault->getMessage())),
            );
        }
        $cues = [];
        /** @var CaptionCue $cue */
        foreach ($reader->getCues() as $cue) {
            $cues[] = new Cue(
                CaptionTime::milliseconds(is_string($cue->getStart()) ? $cue->getStart() : '') / 1000,
                $this->plain($cue->getText()),
            );
        }

        return $cues;
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
        $pieces = preg_split('/^\s*\['.CaptionTime::PATTERN.'\][ \t]*/m', $text, -1, PREG_SPLIT_DELIM_CAPTURE);
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
}
