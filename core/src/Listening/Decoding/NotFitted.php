<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Walking\Placed;

/** Finds the names of parts that are said not to be there: "I do not have a ...", "... is not fitted". */
final readonly class NotFitted
{
    /**
     * @param  list<Placed>  $placed
     * @return array<int, true> by index of the name
     */
    public static function among(array $placed, Words $words): array
    {
        $found = [];
        foreach ($placed as $n => $one) {
            if (self::is($words, $one->mention->from, $one->mention->to)) {
                $found[$n] = true;
            }
        }

        return $found;
    }

    private static function is(Words $words, int $from, int $to): bool
    {
        $before = implode(' ', array_slice($words->text, max(0, $from - 5), min(5, $from)));
        $after = implode(' ', array_slice($words->text, $to, 6));

        return (preg_match(
            '/\b(not? (have|got|equipped|fitted)|no|not equipped with|without)( (a|an|any|with|the|with a|one))*$/',
            $before,
        ) === 1
            && (preg_match('/\bnot? (have|got|equipped|fitted)/', $before) === 1
                || preg_match('/^(on (this|that|the|my)|here|fitted|for this|on it)/', $after) === 1))
            || preg_match(
                '/^(is|are)? ?(not (fitted|equipped|applicable|on this|present|installed)|not have|n a\b)/',
                $after,
            ) === 1;
    }
}
