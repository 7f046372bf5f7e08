<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Language\Cue;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Span;
use Pasada\Core\Listening\Spotter;

/** Recognizes the parts and points that a line of a list names, by the lexicon of the listener. */
final readonly class PartRecognizer
{
    /** What every word of a name that says nothing of the part adds to its cost, as a share of the name. */
    private const UNEXPLAINED = 0.5;

    private const SHARED = 0.1;

    /** Of a part that is elsewhere than the rest of its section, on the same unit or on another. */
    private const NEARBY = 0.1;

    private const ELSEWHERE = 0.2;

    private const MOST = 0.75;

    private const CANDIDATES = 6;

    /** Words of a name that tell nothing about which part it is. */
    private const EMPTY_WORDS = [
        'and', 'the', 'a', 'an', 'of', 'or', 'all', 'any', 'condition', 'check', 'inspect', 'both', 'each', 'other',
        'system', 'assembly', 'operation', 'for', 'at', 'on', 'in', 'to', 'if', 'equipped', 'applicable', 's',
    ];

    private Spotter $spotter;

    public function __construct(private Lexicon $lexicon, private KnownParts $known)
    {
        $this->spotter = new Spotter($lexicon);
    }

    /** @param  list<string>  $zones  where the rest of its section is; empty where that is not known */
    public function part(string $name, array $zones = []): RecognizedPart
    {
        $words = self::words($name);
        $telling = 0;
        foreach ($words->text as $word) {
            $telling += in_array($word, self::EMPTY_WORDS, true) ? 0 : 1;
        }
        $costs = $this->byName($name);
        foreach ($this->spotter->spot($words) as $span) {
            foreach ($this->parts($span) as $id => $cost) {
                $own = count(
                    array_diff(array_slice($words->text, $span->from, $span->to - $span->from), self::EMPTY_WORDS),
                );
                $rest = max(0, $telling - $own) / max(1, $telling);
                $costs[$id] = min($costs[$id] ?? 1.0, $cost + self::UNEXPLAINED * $rest);
            }
        }
        foreach ($costs as $id => $cost) {
            $costs[$id] = round($cost + self::away($this->zone($id), $zones), 3);
        }
        asort($costs);
        $costs = array_filter($costs, static fn (float $cost): bool => $cost <= self::MOST);

        return new RecognizedPart(array_slice($costs, 0, self::CANDIDATES, true));
    }

    /**
     * The points that a text tells, as a part has them.
     *
     * @return list<string> codes
     */
    public function points(string $text, string $component): array
    {
        $part = $this->lexicon->parts[$component] ?? null;
        $codes = [];
        foreach ($this->spotter->spot(self::words($text)) as $span) {
            $statement = $span->statement === null ? null : $this->lexicon->statements[$span->statement];
            $point = $part === null ? $statement?->points[0] : $statement?->pointOf($part);
            if ($point !== null && $point !== Point::Identified) {
                $codes[$point->value] = $point->value;
            }
        }

        return array_values($codes);
    }

    public function zone(string $component): string
    {
        return $this->lexicon->parts[$component]->zone->value;
    }

    /** Where the words of a heading are, as the listener has its places ("axle:steer"); null where they tell none. */
    public function place(string $heading): ?string
    {
        if (preg_match('/^\W*(the )?trailer\W*$/i', $heading) === 1) {
            return Zone::TrailerSide->value;
        }
        foreach ($this->spotter->spot(self::words($heading)) as $span) {
            if ($span->place !== null && ! str_starts_with($span->place, 'group:')) {
                return $span->place;
            }
        }

        return null;
    }

    /** @param  list<string>  $zones */
    private static function away(string $zone, array $zones): float
    {
        $unit = static fn (string $of): string => str_starts_with($of, 'trailer') ? 'trailer' : 'tractor';

        return match (true) {
            $zones === [], in_array($zone, $zones, true) => 0.0,
            in_array($unit($zone), array_map($unit, $zones), true) => self::NEARBY,
            default => self::ELSEWHERE,
        };
    }

    /**
     * Those whose name in the catalogue is the same, but for case and what stands in brackets.
     *
     * @return array<string, float>
     */
    private function byName(string $name): array
    {
        $plain = static fn (string $one): string => (string) preg_replace(
            ['/\(.*?\)/', '/[^a-z]+/'], ['', ''], strtolower($one),
        );
        $costs = [];
        foreach (array_keys($this->known->components) as $id) {
            if (isset($this->lexicon->parts[$id]) && $plain($this->known->name($id)) === $plain($name)) {
                $costs[$id] = 0.0;
            }
        }

        return $costs;
    }

    /** @return array<string, float> */
    private function parts(Span $span): array
    {
        $parts = $span->parts + $span->saying;
        foreach ($span->fitting as $id => $cost) {
            $parts[$id] = min($parts[$id] ?? 1.0, $cost + self::SHARED);
        }

        return array_filter(
            $parts,
            fn (string $id): bool => isset($this->known->components[$id]),
            ARRAY_FILTER_USE_KEY,
        );
    }

    private static function words(string $text): Words
    {
        return Words::of(new Transcript([new Cue(0.0, str_replace(['/', '&', '(', ')', ','], ' ', $text))]));
    }
}
