<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

use Pasada\Core\Language\CaptionTime;

/** Writes what was heard as WebVTT, as plain text, or for a program. */
final readonly class HeardWriter
{
    /**
     * @param  list<HeardPiece>  $pieces
     * @param  int  $fromMs  where the sound begins
     */
    public static function vtt(array $pieces, int $fromMs = 0): string
    {
        $cues = ["WEBVTT\n"];
        foreach ($pieces as $piece) {
            $cues[] = sprintf(
                "%s --> %s\n%s\n", CaptionTime::written($fromMs + $piece->fromMs()),
                CaptionTime::written($fromMs + $piece->toMs()),
                $piece->text(),
            );
        }

        return implode("\n", $cues);
    }

    /** @param  list<HeardPiece>  $pieces */
    public static function text(array $pieces): string
    {
        return implode("\n", array_map(static fn (HeardPiece $piece): string => $piece->text(), $pieces))."\n";
    }

    /**
     * @param  list<HeardPiece>  $pieces
     * @param  int  $fromMs  where the sound begins
     * @return list<array{from_ms: int, to_ms: int, text: string, words: list<array<string, mixed>>,
     *   alternatives: list<string>}> times in milliseconds, confidence 0 to 1
     */
    public static function pieces(array $pieces, int $fromMs = 0): array
    {
        return array_map(static fn (HeardPiece $piece): array => [
            'from_ms' => $fromMs + $piece->fromMs(), 'to_ms' => $fromMs + $piece->toMs(), 'text' => $piece->text(),
            'words' => array_map(static fn (HeardWord $word): array => [
                'word' => $word->word, 'from_ms' => $fromMs + $word->fromMs, 'to_ms' => $fromMs + $word->toMs,
                'confidence' => $word->confidence,
            ], $piece->words),
            'alternatives' => $piece->alternatives,
        ], $pieces);
    }
}
