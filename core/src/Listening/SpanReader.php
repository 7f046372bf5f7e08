<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Lexicon;

/** Reads a run of words as a name, a statement or a place, and weighs how much of the talk that explains. */
final readonly class SpanReader
{
    /** What a statement word inside a run adds to the cost of taking the run for a name. */
    private const STATING = 0.05;

    /** What a little word inside a run adds to it. */
    private const AROUND_FILLER = 0.03;

    private const MOST = 0.175;

    /**
     * A name that many parts share explains less than one that means its part: "huge bolts" are U-bolts rather than
     * bolts.
     */
    private const SHARED = 0.8;

    /** What a name of several words that is spelled right gains over what overlaps it: "u bolts" over "bolts in". */
    private const SPELLED_NAME = 1.0;

    /** Three words that happen to sound like a name are rather talk than a name in three pieces. */
    private const MOST_OF_THREE = 0.11;

    public function __construct(private Lexicon $lexicon) {}

    /**
     * What a run of words may be, and how much it explains; null where it is nothing.
     *
     * @param  list<string>  $stating  sounds of the words in it that state something
     * @return array{
     *    array<string, float>, array<string, float>, array<string, float>, int|null, string|null, float, float,
     * }|null
     */
    public function read(
        string $letters, string $sound, bool $everyday, bool $asSpelled, int $more, array $stating, bool $hasFiller,
        string $first, string $last,
    ): ?array {
        if (strlen($sound) < 2) {
            return null;
        }
        $isRun = $more > 0;
        $isLong = $more > 1;
        $parts = $fitting = $saying = [];
        $statement = $place = null;
        $least = $leastStatement = $leastPlace = 1.0;
        $long = 0;
        $matches = $this->lexicon->matches($letters, $sound, $everyday, $asSpelled, $first, $last, $isRun);
        foreach ($matches as $number => $cost) {
            $entry = $this->lexicon->entries[$number];
            // A word that states something is seldom a piece of a name: "dry tires" are no drive tires.
            $cost +=
                $isRun && $cost > 0 ? self::STATING * count(array_diff($stating, [$entry->first, $entry->last])) : 0.0;
            // "Release the tractor" sounds like lamps of one, but nobody is misheard around a little word.
            $cost += $hasFiller && $cost > 0 ? self::AROUND_FILLER : 0.0;
            if ($cost > ($isLong ? self::MOST_OF_THREE : self::MOST)) {
                continue;
            }
            // Statements, places and shared names of several words are told from talk by their spelling alone.
            if ($isRun && $cost > 0 && $entry->kind !== EntryKind::Part) {
                continue;
            }
            switch ($entry->kind) {
                case EntryKind::Part: $parts[$entry->means] = min($parts[$entry->means] ?? 1.0, $cost);
                    break;
                case EntryKind::PartWhereFitting: $fitting[$entry->means] = min($fitting[$entry->means] ?? 1.0, $cost);
                    break;
                case EntryKind::PartSaying: $saying[$entry->means] = min($saying[$entry->means] ?? 1.0, $cost);
                    break;
                case EntryKind::Statement:
                    if ($cost < $leastStatement) {
                        [$leastStatement, $statement] = [$cost, (int) $entry->means];
                    }
                    break;
                case EntryKind::Place:
                    if ($cost < $leastPlace) {
                        [$leastPlace, $place] = [$cost, $entry->means];
                    }
                    break;
            }
            if ($cost < $least) {
                $least = $cost;
                $long = strlen($entry->sound);
            }
        }
        if ($least >= 1.0) {
            return null;
        }

        // Long names explain more than the short ones inside them; every span costs a little, so that one beats two.
        return [
            $parts,
            $fitting,
            $saying,
            $statement,
            $place,
            max(
                0.3,
                $long * (1 - 2.2 * $least) -
                    1.8 -
                    ($parts === [] && $saying === [] && $statement === null && $place === null ? self::SHARED : 0.0) +
                    ($isRun && ($parts !== [] || $saying !== []) && $least === 0.0 ? self::SPELLED_NAME : 0.0),
            ),
            $least,
        ];
    }
}
