<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Walking;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Span;

/** The words that tell where the speaker stands, and not where something else is. */
final readonly class PlaceWords
{
    /** Before a place: the speaker compares, remembers or warns, and stands elsewhere. */
    private const COMPARES = [
        'like' => true, 'as' => true, 'than' => true, 'same' => true, 'no' => true, 'not' => true, 'did' => true,
        'had' => true, 'was' => true, 'were' => true, 'forgot' => true, 'forget' => true, 'every' => true,
        'for' => true, 'if' => true, 'from' => true, 'between' => true, 'unlike' => true, 'say' => true,
    ];

    private const COMPARED_BEFORE = 4;

    /**
     * @param  list<Span>  $spans
     * @param  list<array{int, int, string}>  $references
     * @return array<int, string> places by word; "as on the front one" tells where the speaker was, not where he is
     */
    public static function among(array $spans, array $references, Words $words): array
    {
        $places = [];
        foreach ($spans as $span) {
            $inReference =
                array_filter(
                    $references,
                    static fn (array $one): bool => $span->from > $one[0] && $span->from < $one[1],
                ) !== [];
            // "I have two drive axles" tells what the vehicle has.
            $isCount = in_array(
                $words->text[$span->from - 1] ?? '',
                ['two', 'three', 'four', 'have', 'has', 'many', 'a', '2', '3'],
                true,
            );
            $reach = min($span->from, self::COMPARED_BEFORE);
            $before = array_slice($words->text, $span->from - $reach, $reach);
            $isCompared = array_filter($before, static fn (string $word): bool => isset(self::COMPARES[$word])) !== [];
            if (
                $span->place !== null && ! $inReference && ! $isCount && ! $isCompared
                && ! str_starts_with($span->place, 'group:')
            ) {
                $places[$span->from] = $span->place;
            }
        }

        return $places;
    }
}
