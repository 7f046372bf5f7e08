<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\Sound;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Entry;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Walking\Placed;
use Pasada\Core\Listening\Walking\Station;

/**
 * Hears again what made no sense at first, once it is known where the speaker stands: words in the place of a name are
 * compared with the names of the parts that are there, words in a list of faults with the words for faults. Captions
 * turn names into everyday words ("talk arm", "ring no crack"), which nobody may take for a name anywhere else.
 */
final readonly class SecondHearing
{
    /** Words of a name that was misheard, at most. */
    private const LONGEST = 4;

    /** How far its sound may be from the name's: pairs that people mistake are under it, chance pairs over 0.3. */
    private const MOST = 0.17;

    /** The same for a long name, which nothing else is like by chance. */
    private const MOST_OF_LONG = 0.21;

    private const LONG = 9;

    /** The same for a single word of which something is stated only later. */
    private const MOST_FAR = 0.1;

    /** Sounds that a name has at the least: two sounds are like anything. */
    public const LEAST_SOUNDS = 3;

    /** What is said of it begins within so many words. */
    private const STATED_WITHIN = 8;

    /** What standing a step away costs, in hundredths of a place. */
    private const NEAR = 60;

    /** The same for one between two names. */
    private const MOST_LISTED = 0.14;

    public function __construct(private Lexicon $lexicon, private Words $words) {}

    /**
     * @param  list<Span>  $spans  what was heard at first
     * @param  list<Quantity>  $quantities
     * @param  list<array{int, Station}>  $route  word and place, where it changes
     * @param  list<Placed>  $placed  the names that made sense where they were said
     * @return list<Span> those and what was heard now, in order
     */
    public function hear(array $spans, array $quantities, array $route, array $placed): array
    {
        $taken = $states = [];
        $made = [];
        foreach ($placed as $one) {
            $made[$one->mention->from] = true;
        }
        foreach ($spans as $span) {
            // "Drive chef": what tells a place may be half a name.
            $isPlace = $span->place !== null && ! str_starts_with($span->place, 'group:') && $span->parts === [];
            $isLost = $span->statement === null && ! $isPlace && ! isset($made[$span->from]);
            // "Cat work": so may a word that states something.
            $isWord = $span->statement !== null && $span->to - $span->from === 1 && $span->parts === [];
            for ($i = $span->from; $i < $span->to && ! $isPlace && ! $isLost; $i++) {
                $taken[$i] = ! $isWord;
            }
            if ($span->statement !== null || ($span->parts === [] && $span->fitting !== [])) {
                $states[$span->from] = true;
            }
        }
        foreach ($quantities as $quantity) {
            $states[$quantity->from] = true;
        }
        $found = (new FaultHearing($this->lexicon, $this->words))->hear($taken, $spans);
        foreach ($found as $span) {
            $taken[$span->from] = $states[$span->from] = true;
        }
        $names = $memos = [];
        foreach ($this->stretches($route) as [$from, $to, $station]) {
            $at = $station->value;
            $names[$at] ??= $this->namesAt($station);
            $memos[$at] ??= [];
            for ($i = $from; $i < $to; $i++) {
                $span = $this->opens($i, $taken)
                    ? $this->nameAt($i, $to, $names[$at], $taken, $states, $memos[$at])
                    : null;
                if ($span !== null) {
                    $found[] = $span;
                    for ($k = $span->from; $k < $span->to; $k++) {
                        $taken[$k] = true;
                    }
                    $i = $span->to - 1;
                }
            }
        }
        $all = [...self::clearOf($spans, $found), ...$found];
        usort($all, static fn (Span $a, Span $b): int => $a->from <=> $b->from);

        return $all;
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<Span>  $found
     * @return list<Span> those that share no word with what was found
     */
    private static function clearOf(array $spans, array $found): array
    {
        $covered = [];
        foreach ($found as $span) {
            $covered += array_fill_keys(range($span->from, $span->to - 1), true);
        }

        return array_values(array_filter($spans, static function (Span $span) use ($covered): bool {
            for ($i = $span->from; $i < $span->to; $i++) {
                if (isset($covered[$i])) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * @param  list<array{int, Station}>  $route
     * @return list<array{int, int, Station}>
     */
    private function stretches(array $route): array
    {
        $stretches = [];
        foreach ($route as $n => [$at, $station]) {
            $stretches[] = [$n === 0 ? 0 : $at, $route[$n + 1][0] ?? $this->words->count(), $station];
        }

        return $stretches;
    }

    /** @param  array<int, bool>  $taken  whether the word is part of a name, rather than a word that states */
    private function opens(int $at, array $taken): bool
    {
        if (isset($taken[$at]) || (LittleWords::has($this->words->text[$at]) && $this->words->text[$at] !== 'you')) {
            return false;
        }

        return $at === 0
            || ($this->words->break[$at] ?? Words::NO_BREAK) !== Words::NO_BREAK
            || isset(LittleWords::OPENS[$this->words->text[$at - 1] ?? ''])
            || isset($taken[$at - 1]);
    }

    /**
     * @param  list<Entry>  $names
     * @param  array<int, bool>  $taken  whether the word is part of a name, rather than a word that states
     * @param  array<int, true>  $states
     * @param  array<string, array{string, float}|false>  $memo
     */
    private function nameAt(int $at, int $to, array $names, array $taken, array $states, array &$memo): ?Span
    {
        $sound = '';
        $best = null;
        $hasStatement = false;
        for ($k = 0; $k < self::LONGEST && $at + $k < $to; $k++) {
            $i = $at + $k;
            if ($taken[$i] ?? false) {
                break;
            }
            $hasStatement = $hasStatement || isset($taken[$i]);
            if (($k > 0 && $this->words->break[$i] >= Words::SENTENCE) || ($hasStatement && $k === 0)) {
                break;
            }
            $sound .= $this->words->sound[$i];
            // "You both" sounds like U-bolts, whatever it begins and ends with.
            $isYou = $k === 1 && $this->words->text[$at] === 'you';
            if (strlen($sound) < self::LEAST_SOUNDS || (LittleWords::has($this->words->text[$i]) && ! $isYou)) {
                continue;
            }
            $most = $this->most($at, $i + 1, $taken, $states);
            $read = $most === null ? null : $memo[$sound] ??= self::nearest($sound, $names) ?? false;
            $limit = $hasStatement ? self::MOST_FAR : $most;
            if ($read !== null && $read !== false && $read[1] <= $limit && ($best === null || $read[1] < $best[1])) {
                $best = [$read[0], $read[1], $i + 1];
            }
        }

        return $best === null
            ? null
            : new Span($at, $best[2], [$best[0] => $best[1] / 3], [], [], null, null, $best[1] / 3);
    }

    /**
     * How far a run may be from a name to be taken for it; null where it may not.
     *
     * @param  array<int, bool>  $taken  whether the word is part of a name, rather than a word that states
     * @param  array<int, true>  $states
     */
    private function most(int $from, int $to, array $taken, array $states): ?float
    {
        if ($to - $from === 1 && isset($this->lexicon->known[$this->words->text[$from]])) {
            return null;
        }
        $isNear = $this->isStated($to, $taken, $states, 3);
        if (! $isNear && ! $this->isStated($to, $taken, $states, self::STATED_WITHIN)) {
            // "Hose, great chamber, push rod": one of a list of names.
            return ($taken[$from - 1] ?? false) && ($taken[$to] ?? false) ? self::MOST_LISTED : null;
        }
        if ($to - $from > 1) {
            return self::MOST_OF_LONG;
        }
        $opens = $this->words->break[$from] !== Words::NO_BREAK
            || isset(LittleWords::OPENS[$this->words->text[$from - 1] ?? '']);

        return $opens ? ($isNear ? self::MOST : self::MOST_FAR) : null;
    }

    /**
     * Whether something is stated within a few words, before another name.
     *
     * @param  array<int, bool>  $taken  whether the word is part of a name, rather than a word that states
     * @param  array<int, true>  $states
     */
    private function isStated(int $from, array $taken, array $states, int $within): bool
    {
        for ($i = $from; $i < $from + $within; $i++) {
            if (isset($states[$i])) {
                return true;
            }
            if ($taken[$i] ?? false) {
                return false;
            }
        }

        return false;
    }

    /** @return list<Entry> names of the parts at a place and a step from it */
    private function namesAt(Station $station): array
    {
        return array_values(array_filter(
            $this->lexicon->entries,
            fn (Entry $entry): bool => $entry->kind === EntryKind::Part
                && $this->lexicon->isHeardBySound($entry)
                && strlen($entry->sound) >= self::LEAST_SOUNDS
                && ($station->costOf($this->lexicon->parts[$entry->means]->zone) <= self::NEAR),
        ));
    }

    /**
     * @param  list<Entry>  $names
     * @return array{string, float}|null component and distance
     */
    public static function nearest(string $sound, array $names): ?array
    {
        $most = strlen($sound) >= self::LONG ? self::MOST_OF_LONG : self::MOST;
        $best = null;
        foreach ($names as $name) {
            if (! Sound::mayBeAlike($sound, $name->sound)) {
                continue;
            }
            $distance = Sound::distance($sound, $name->sound, $most);
            if ($distance <= $most && ($best === null || $distance < $best[1])) {
                $best = [$name->means, $distance];
            }
        }

        return $best;
    }
}
