<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

use Pasada\Core\Language\CaptionTime;

/** Writes what was heard as WebVTT, as plain text, or for a program. */
final readonly class HeardWriter
{
    /** @param  list<HeardPiece>  $pieces */
    public static function vtt(array $pieces): string
    {
        $cues = ["WEBVTT\n"];
        foreach ($pieces as $piece) {
            $cues[] = sprintf(
                "%s --> %s\n%s\n", CaptionTime::written($piece->fromMs()), CaptionTime::written($piece->toMs()),
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
     * @return list<array<string, mixed>> times in milliseconds, confidence 0 to 1
     */
    public static function pieces(array $pieces): array
    {
        return array_map(static fn (HeardPiece $piece): array => [
            'from_ms' => $piece->fromMs(), 'to_ms' => $piece->toMs(), 'text' => $piece->text(),
            'words' => array_map(static fn (HeardWord $word): array => [
                'word' => $word->word, 'from_ms' => $word->fromMs, 'to_ms' => $word->toMs,
                'confidence' => $word->confidence,
            ], $piece->words),
            'alternatives' => $piece->alternatives,
        ], $pieces);
    }
}
