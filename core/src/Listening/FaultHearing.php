<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Entry;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Lexicon;

/** Hears words for faults that captions turned into others: "no ring no track" is no rim but a crack. */
final readonly class FaultHearing
{
    /** How far the sound may be from that of a fault. */
    private const MOST_FAULT = 0.16;

    public function __construct(private Lexicon $lexicon, private Words $words) {}

    /**
     * Words right behind a denial or within a list of faults that sound like the word for one.
     *
     * @param  array<int, bool>  $taken  whether the word is part of a name, rather than a word that states
     * @param  list<Span>  $spans
     * @return list<Span>
     */
    public function hear(array $taken, array $spans): array
    {
        $ends = [];
        foreach ($spans as $span) {
            if ($span->statement !== null && $this->lexicon->statements[$span->statement]->isFault) {
                $ends[$span->to] = true;
            }
        }
        $words = array_values(array_filter(
            $this->lexicon->entries,
            fn (Entry $entry): bool => $entry->kind === EntryKind::Statement
                && ! str_contains($entry->words, ' ')
                && strlen($entry->sound) >= SecondHearing::LEAST_SOUNDS
                && $this->lexicon->statements[(int) $entry->means]->isFault,
        ));
        $found = $memo = [];
        foreach ($this->words->text as $i => $word) {
            $before = $this->words->text[$i - 1] ?? '';
            $isListed = isset($ends[$i]) && $this->words->break[$i] < Words::SENTENCE;
            $isPlain = isset(LittleWords::OPENS[$word]) || isset(LittleWords::DENIES[$word])
                || isset($this->lexicon->everyday[$word]);
            if (
                isset($taken[$i]) || $isPlain || ! (isset(LittleWords::DENIES[$before]) || $isListed)
                || strlen($this->words->sound[$i]) < SecondHearing::LEAST_SOUNDS
            ) {
                continue;
            }
            $read = array_key_exists($word, $memo)
                ? $memo[$word]
                : $memo[$word] = SecondHearing::nearest($this->words->sound[$i], $words);
            if ($read !== null && $read[1] <= self::MOST_FAULT) {
                $found[] = new Span($i, $i + 1, [], [], [], (int) $read[0], null, $read[1] / 3);
                $ends[$i + 1] = true;
            }
        }

        return $found;
    }
}
