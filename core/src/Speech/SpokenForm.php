<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

use Pasada\Core\Language\NumberWords;

/** Written words as they are spoken: figures in words, signs read out, no stops. */
final readonly class SpokenForm
{
    /** Spoken letter by letter. */
    private const LETTERS = ['psi' => 'p s i', 'abs' => 'a b s', 'dot' => 'd o t', 'def' => 'd e f'];

    /** How signs and short forms are read out. */
    private const READ_OUT = [
        '~\b1\s*/\s*2\b|½~u' => ' one half ', '~\b1\s*/\s*4\b|¼~u' => ' one quarter ',
        '~\b3\s*/\s*4\b|¾~u' => ' three quarters ', '~\b(\d+)\s*/\s*32\b~u' => ' $1 thirty seconds ',
        '~\b(\d+)\s*/\s*(\d+)\b~u' => ' $1 over $2 ', '~\b(\d+)\.(\d)\b~u' => ' $1 point $2 ',
        '~%~u' => ' percent ', '~°~u' => ' degrees ', '~\bmph\b~u' => ' miles an hour ',
        '~\b1\s*in\b\.?~u' => ' 1 inch ',
        '~\b(\d+|half|quarters?)\s*in\b\.?~u' => ' $1 inches ', '~\bft\b\.?~u' => ' feet ',
    ];

    /**
     * @return list<list<string>> the words of each sentence or clause, in small letters
     */
    public static function of(string $text): array
    {
        $text = preg_replace(array_keys(self::READ_OUT), array_values(self::READ_OUT), mb_strtolower($text));
        $text = self::replaced(self::LETTERS, (string) $text);
        $clauses = [];
        foreach ((array) preg_split('/[.,;:!?()]+/u', $text) as $clause) {
            $words = [];
            foreach ((array) preg_split("/[^\p{L}\p{N}']+/u", (string) $clause) as $word) {
                $word = trim((string) $word, "'");
                if ($word !== '') {
                    array_push($words, ...(ctype_digit($word) ? NumberWords::spoken((int) $word) : [$word]));
                }
            }
            if ($words !== []) {
                $clauses[] = $words;
            }
        }

        return $clauses;
    }

    /** @return list<string> the words of all clauses, one after the other */
    public static function words(string $text): array
    {
        return array_merge([], ...self::of($text));
    }

    /** Letters that were heard one by one, as they are written: "a b s lamp" is "abs lamp". */
    public static function written(string $spoken): string
    {
        return self::replaced(array_flip(self::LETTERS), $spoken);
    }

    /** @param  array<string, string>  $words */
    private static function replaced(array $words, string $text): string
    {
        return (string) preg_replace_callback(
            '~\b('.implode('|', array_keys($words)).')\b~u', static fn (array $is): string => $words[$is[1]], $text,
        );
    }
}
