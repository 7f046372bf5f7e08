<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** How a figure was said to limit: "at least", "no more than", or not at all. */
enum Bound
{
    case AtLeast;
    case AtMost;
    case Plain;

    /** By the words around the figure. */
    public static function around(Words $words, Quantity $quantity): self
    {
        $before = implode(' ', array_slice($words->text, max(0, $quantity->from - 5), min(5, $quantity->from)));
        $after = implode(' ', array_slice($words->text, $quantity->to, 4));
        if (
            preg_match(
                '/(no|not|never) (\w+ )?(more|over|greater|exceed)|at most|maximum|less than$|up to|max|within|can '.
                    'not|can only/',
                $before,
            ) === 1 &&
            preg_match('/(no|not) (\w+ )?less/', $before) !== 1
        ) {
            return self::AtMost;
        }
        if (
            preg_match('/at least|minimum|(no|not) (\w+ )?less|more than|\b(over|above)\b|at or before/', $before) === 1
        ) {
            return self::AtLeast;
        }

        return match (true) {
            preg_match('/^(or (more|better|greater|above)|minimum|at least|and up)/', $after) === 1 => self::AtLeast,
            preg_match('/^(or less|at (the )?most|is the most|maximum|tops|max)/', $after) === 1 => self::AtMost,
            default => self::Plain,
        };
    }
}
