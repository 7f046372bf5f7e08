<?php

declare(strict_types=1);

namespace Pasada\Bench;

/** Words that were put in, left out or changed. */
final readonly class WordErrors
{
    /**
     * @param  list<string>  $said
     * @param  list<string>  $heard
     */
    public static function of(array $said, array $heard): int
    {
        [$said, $heard] = [self::joined($said, $heard), self::joined($heard, $said)];
        $row = range(0, count($heard));
        foreach ($said as $i => $word) {
            $before = $row;
            $row[0] = $i + 1;
            foreach ($heard as $j => $other) {
                $row[$j + 1] = min($before[$j] + ($word === $other ? 0 : 1), $before[$j + 1] + 1, $row[$j] + 1);
            }
        }

        return $row[count($heard)];
    }

    /**
     * "seat belt" and "seatbelt" are one word heard.
     *
     * @param  list<string>  $words
     * @param  list<string>  $others
     * @return list<string>
     */
    private static function joined(array $words, array $others): array
    {
        $known = array_fill_keys($others, true);
        for ($i = count($words) - 2; $i >= 0; $i--) {
            if (isset($words[$i + 1], $known[$words[$i].$words[$i + 1]])) {
                array_splice($words, $i, 2, $words[$i].$words[$i + 1]);
            }
        }

        return $words;
    }
}
