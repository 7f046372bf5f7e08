<?php

declare(strict_types=1);

namespace App\Library;

/** A signature as it was drawn: strokes, each x and y by turns, in thousandths of the pad. */
final readonly class Strokes
{
    /** Minutes of writing. */
    private const MOST_POINTS = 4000;

    /**
     * What is wrong with them and what to do; null where nothing is. Counted before they are looked at one by one.
     */
    public static function fault(mixed $strokes): ?string
    {
        $count = 0;
        foreach (is_array($strokes) ? $strokes : [null] as $stroke) {
            if (! is_array($stroke) || ! array_is_list($stroke) || count($stroke) < 4 || count($stroke) % 2 !== 0) {
                return 'A stroke of the signature is no list of x and y by turns. Clear it and sign again.';
            }
            $count += intdiv(count($stroke), 2);
        }
        if ($count > self::MOST_POINTS) {
            return sprintf(
                'The signature has %d points; at most %d are kept. Clear it and sign again, a little faster.',
                $count,
                self::MOST_POINTS,
            );
        }
        foreach ((array) $strokes as $stroke) {
            foreach ((array) $stroke as $at) {
                if (! is_int($at) || $at < 0 || $at > 1000) {
                    return 'A point of the signature lies off the pad, which goes from 0 to 1000. Clear it and sign '.
                        'again.';
                }
            }
        }

        return null;
    }
}
