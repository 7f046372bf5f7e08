<?php

declare(strict_types=1);

namespace Pasada\Core\Speech;

use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
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
    /** P is a part, N another one, S a sound word, F a fault word, A a place. */
    private const FRAMES = [
        'P is S S and S', 'my P is S', 'the P S S', 'this is my P it is S and S', 'next is the P', 'P not F F or F',
        'it is not F F or F', 'they are S and S', 'no F', 'and S', 'S', 'checking my P for F', 'i am looking at the P',
        'make sure the P is S', 'P N and N are S', 'there is no F', 'no F or F', 'going to the A', 'now the A',
        'same as the A', 'i would check that the P is S', 'P', 'moving on to the P', 'all of my P are S not F',
        'okay the P', 'and the P', 'then the P it is S', 'P it S', 'N P and the N are all S', 'and my P', 'the P',
        'if the P was F', 'right behind the P', 'it goes to the P', 'it is bolted to the P', 'what about the P',
        'S on the P', 'my N and P', 'that is the P', 'the P is not F', 'P S', 'both P are S', 'we have the P',
    ];

    private const COACHED = 3.0;

    private const UNASKED = 0.2;

    /** Of a sentence beside the walk, and of an everyday word that stands in none. */
    private const TALK = 4.0;

    private const EVERYDAY = 0.05;

    /** Of two parts that follow each other on the checklist, and of a statement of a part in each short frame. */
    private const FOLLOWS = 1.0;

    private const STATED = 0.5;

    private int $turn = 0;

    /** @var array<string, list<string>> of entries, by their words */
    private array $spoken = [];

    /** @param  list<string>  $talk  sentences that people say beside a walk, as they are spoken */
    public function __construct(
        private readonly Lexicon $lexicon, private readonly Coach $coach, private readonly array $talk,
    ) {}

    /**
     * @param  string  $file  a sentence a line; lines that begin with "#" are remarks
     * @return list<string>
     */
    public static function read(string $file): array
    {
        return array_values(array_filter(
            array_map(trim(...), explode("\n", $file)),
            static fn (string $line): bool => $line !== '' && $line[0] !== '#',
        ));
    }

    /** @return iterable<array{list<string>, float}> words, and how often they count */
    public function of(?Inspection $inspection): iterable
    {
        foreach ($this->talk as $sentence) {
            yield [explode(' ', $sentence), self::TALK];
        }
        foreach (array_keys($this->lexicon->everyday) as $word) {
            yield [[$word], self::EVERYDAY];
        }
        foreach (range(0, 150) as $number) {
            foreach (['p s i', 'percent', 'inches', 'pounds', 'degrees', 'thirty seconds'] as $unit) {
                yield [[...NumberWords::spoken($number), ...explode(' ', $unit)], self::UNASKED];
            }
        }
        yield from $this->ofItems($inspection->items ?? []);
        $asked = array_fill_keys(array_map(
            static fn (Item $item): string => $item->component, $inspection->items ?? [],
        ), true);
        $places = $this->words(EntryKind::Place, static fn (): bool => true);
        $names = array_values(array_filter($this->lexicon->entries, self::isName(...)));
        $stated = [];
        foreach ($names as $at => $entry) {
            $weight = $asked === [] || isset($asked[$entry->means]) ? 1.0 : self::UNASKED;
            if (! isset($stated[$entry->means])) {
                $stated[$entry->means] = $this->statements($entry->means);
                // The statements of the others stand in the frames.
                yield from $weight < 1.0 ? [] : $this->ofStatements($stated[$entry->means]);
            }
            [$sound, $fault] = $stated[$entry->means];
            $other = $names[($at + $this->turn) % count($names)];
            foreach (self::FRAMES as $frame) {
                yield [$this->filled($frame, $entry, $other, $sound, $fault, $places), $weight];
            }
        }
    }

    /**
     * What the coach says of each item, its name, and what is named next.
     *
     * @param  array<string, Item>  $items  in walking order
     * @return iterable<array{list<string>, float}>
     */
    private function ofItems(array $items): iterable
    {
        $before = [];
        foreach ($items as $item) {
            foreach (SpokenForm::of($this->coach->sentence($item, $item->points)) as $words) {
                yield [$words, self::COACHED];
            }
            $name = SpokenForm::words($item->fullName());
            yield [$name, self::COACHED];
            yield [[...$before, ...$name], self::FOLLOWS];
            yield [[...$before, 'and', ...$name], self::FOLLOWS];
            $before = $name;
        }
    }

    /**
     * Every statement that a part can take, in the shortest frames.
     *
     * @param  array{list<list<string>>, list<list<string>>}  $statements  sound and fault words
     * @return iterable<array{list<string>, float}>
     */
    private function ofStatements(array $statements): iterable
    {
        [$sound, $fault] = $statements;
        foreach ($sound as $words) {
            yield [$words, self::STATED];
            yield [['it', 'is', ...$words, 'and', ...$this->next($sound)], self::STATED];
        }
        foreach ($fault as $words) {
            yield [['not', ...$words, ...$this->next($fault)], self::STATED];
            yield [['no', ...$words, 'or', ...$this->next($fault)], self::STATED];
        }
    }

    private static function isName(Entry $entry): bool
    {
        return ! in_array($entry->kind, [EntryKind::Statement, EntryKind::Place], true);
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
                $words[] = $this->spoken($entry);
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
    private function filled(
        string $frame, Entry $part, Entry $other, array $sound, array $fault, array $places,
    ): array {
        $words = [];
        foreach (explode(' ', $frame) as $word) {
            array_push($words, ...match ($word) {
                'P' => $this->spoken($part),
                'N' => $this->spoken($other),
                'S' => $this->next($sound),
                'F' => $this->next($fault),
                'A' => $this->next($places),
                default => [$word],
            });
        }

        return $words;
    }

    /** @return list<string> */
    private function spoken(Entry $entry): array
    {
        return $this->spoken[$entry->words] ??= SpokenForm::words($entry->words);
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
