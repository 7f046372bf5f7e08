<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** Proposes what was meant where a word is not known. */
final readonly class Spelling
{
    /**
     * The known word that is meant most likely; null where none is near.
     *
     * @param  list<string>  $known
     */
    public static function nearest(string $said, array $known): ?string
    {
        $best = null;
        // Two slips at the most, and fewer than half of a short word: beyond that a proposal misleads more than it
        // helps.
        $least = min(3, intdiv(strlen($said), 2) + 1);
        foreach ($known as $word) {
            $distance = levenshtein(substr($said, 0, 60), $word);
            if ($distance < $least) {
                [$best, $least] = [$word, $distance];
            }
        }

        return $best;
    }
}
