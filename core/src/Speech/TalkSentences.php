<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Language\NumberWords;
use Pasada\Core\Listening\Lexicon\Entry;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Lexicon;

/**
 * What may be said in a walk, as sentences that a language model counts: the parts that are asked with the statements
 * that go with them, in the frames that people speak in; the words of the coach; names of parts that are not asked and
 * everyday words, so that who leaves the list is heard as well. Which statement goes with which part is the lexicon's
 * word; where a frame has room for several they are taken in turn, so that the same list gives the same sentences.
 */
final class TalkSentences
{
    /** P is a part, S a sound word, F a fault word, A a place. */
    private const FRAMES = [
        'P is S S and S', 'my P is S', 'the P S S', 'this is my P it is S and S', 'next is the P', 'P not F F or F',
        'it is not F F or F', 'they are S and S', 'no F', 'and S', 'S', 'checking my P for F', 'i am looking at the P',
        'make sure the P is S', 'P P and P are S', 'there is no F', 'no F or F', 'going to the A', 'now the A',
        'same as the A', 'i would check that the P is S', 'P', 'moving on to the P', 'all of my P are S not F',
    ];

    private const COACHED = 3.0;

    private const UNASKED = 0.2;

    private const EVERYDAY = 0.05;

    private int $turn = 0;

    public function __construct(private readonly Lexicon $lexicon, private readonly Coach $coach) {}

    /** @return iterable<array{list<string>, float}> words, and how often they count */
    public function of(?Inspection $inspection): iterable
    {
        $asked = [];
        foreach ($inspection->items ?? [] as $item) {
            $asked[$item->component] = true;
            foreach (SpokenForm::of($this->coach->sentence($item, $item->points)) as $words) {
                yield [$words, self::COACHED];
            }
            yield [SpokenForm::words($item->fullName()), self::COACHED];
        }
        $places = $this->words(EntryKind::Place, static fn (): bool => true);
        $stated = [];
        foreach ($this->lexicon->entries as $entry) {
            if (in_array($entry->kind, [EntryKind::Statement, EntryKind::Place], true)) {
                continue;
            }
            [$sound, $fault] = $stated[$entry->means] ??= $this->statements($entry->means);
            $weight = $asked === [] || isset($asked[$entry->means]) ? 1.0 : self::UNASKED;
            foreach (self::FRAMES as $frame) {
                yield [$this->filled($frame, $entry, $sound, $fault, $places), $weight];
            }
        }
        foreach (array_keys($this->lexicon->everyday) as $word) {
            yield [[$word], self::EVERYDAY];
        }
        foreach (range(0, 150) as $number) {
            foreach (['p s i', 'percent', 'inches', 'pounds', 'degrees', 'thirty seconds'] as $unit) {
                yield [[...NumberWords::spoken($number), ...explode(' ', $unit)], self::UNASKED];
            }
        }
    }

    /** @return array{list<list<string>>, list<list<string>>} sound words and fault words of a part */
    private function statements(string $component): array
    {
        $part = $this->lexicon->parts[$component];
        $of = fn (bool $isFault): array => $this->words(
            EntryKind::Statement,
            fn (Entry $entry): bool => $this->lexicon->statements[(int) $entry->means]->isFault === $isFault
                && $this->lexicon->statements[(int) $entry->means]->pointOf($part) !== null,
        );

        return [$of(false), $of(true)];
    }

    /**
     * @param  callable(Entry): bool  $isWanted
     * @return list<list<string>>
     */
    private function words(EntryKind $kind, callable $isWanted): array
    {
        $words = [];
        foreach ($this->lexicon->entries as $entry) {
            if ($entry->kind === $kind && $isWanted($entry)) {
                $words[] = SpokenForm::words($entry->words);
            }
        }

        return $words;
    }

    /**
     * @param  list<list<string>>  $sound
     * @param  list<list<string>>  $fault
     * @param  list<list<string>>  $places
     * @return list<string>
     */
    private function filled(string $frame, Entry $part, array $sound, array $fault, array $places): array
    {
        $words = [];
        foreach (explode(' ', $frame) as $word) {
            array_push($words, ...match ($word) {
                'P' => SpokenForm::words($part->words),
                'S' => $this->next($sound),
                'F' => $this->next($fault),
                'A' => $this->next($places),
                default => [$word],
            });
        }

        return $words;
    }

    /**
     * @param  list<list<string>>  $words
     * @return list<string>
     */
    private function next(array $words): array
    {
        return $words === [] ? [] : $words[$this->turn++ % count($words)];
    }
}
