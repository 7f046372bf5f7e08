<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

use Pasada\Core\Language\Alternative;
use Pasada\Core\Language\CaptionTime;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;

/** Writes what was heard as WebVTT, as plain text, or for a program. */
final readonly class HeardWriter
{
    /** Of the words that a recognizer holds likeliest. */
    private const LIKELIEST = 0.5;

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

    /**
     * As the listener reads it, with what may have been said instead: the likeliest words weigh as much as all others.
     *
     * @param  list<HeardPiece>  $pieces
     * @param  int  $fromMs  where the sound begins
     */
    public static function transcript(array $pieces, int $fromMs = 0): Transcript
    {
        return new Transcript(array_map(static fn (HeardPiece $piece): Cue => new Cue(
            ($fromMs + $piece->fromMs()) / 1000, $piece->text(), self::readings($piece),
        ), $pieces));
    }

    /** @return list<Alternative> empty where there is but one reading */
    private static function readings(HeardPiece $piece): array
    {
        $others = array_values(array_diff($piece->alternatives, [$piece->text()]));

        return $others === [] ? [] : [new Alternative($piece->text(), self::LIKELIEST), ...array_map(
            static fn (string $other): Alternative => new Alternative($other, (1.0 - self::LIKELIEST) / count($others)),
            $others,
        )];
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
     *   alternatives: list<array{text: string, weight: float}>}> times in milliseconds, confidence 0 to 1
     */
    public static function pieces(array $pieces, int $fromMs = 0): array
    {
        return array_map(static fn (HeardPiece $piece): array => [
            'from_ms' => $fromMs + $piece->fromMs(), 'to_ms' => $fromMs + $piece->toMs(), 'text' => $piece->text(),
            'words' => array_map(static fn (HeardWord $word): array => [
                'word' => $word->word, 'from_ms' => $fromMs + $word->fromMs, 'to_ms' => $fromMs + $word->toMs,
                'confidence' => $word->confidence,
            ], $piece->words),
            'alternatives' => array_map(
                static fn (Alternative $one): array => ['text' => $one->text, 'weight' => $one->weight],
                self::readings($piece),
            ),
        ], $pieces);
    }
}
