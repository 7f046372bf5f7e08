<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Language\NumberGrammar;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Decoding\ClueReader;
use Pasada\Core\Listening\Decoding\Ground;
use Pasada\Core\Listening\Decoding\NotFitted;
use Pasada\Core\Listening\Decoding\WalkClues;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Referring\ReferenceFinder;
use Pasada\Core\Listening\Walking\MentionMaker;
use Pasada\Core\Listening\Walking\Placed;
use Pasada\Core\Listening\Walking\PlaceTracker;
use Pasada\Core\Listening\Walking\PlaceWords;
use Pasada\Core\Listening\Walking\Station;

/** The words of a walk with what was made out in them: figures, names and statement words, references, the route. */
final readonly class Hearing
{
    /** Words before a tread figure within which its tyre was named; without one the figure names it. */
    private const TYRE_BEFORE_WORDS = 30;

    /**
     * @param  list<Quantity>  $quantities
     * @param  list<Span>  $spans
     * @param  list<array{int, int, string}>  $references  first word, word after the last, and kind
     * @param  list<Placed>  $placed  names with their part and place
     * @param  list<array{int, Station}>  $route  word and place, where it changes
     */
    private function __construct(
        private Lexicon $lexicon, public Words $words, public array $quantities, public array $spans,
        public array $references, public array $placed, public array $route,
    ) {}

    /** Spotted, placed, and heard once more with the route known. */
    public static function of(Words $words, Lexicon $lexicon): self
    {
        $quantities = (new NumberGrammar())->find($words);
        $spans = self::withImpliedTyres(
            self::clearOf((new Spotter($lexicon))->spot($words), $quantities),
            $quantities,
        );
        $references = (new ReferenceFinder())->find($words);
        [$placed, $route] = self::placed($spans, $references, $words, $lexicon);
        $spans = (new SecondHearing($lexicon, $words))->hear($spans, $quantities, $route, $placed);

        return new self(
            $lexicon, $words, $quantities, $spans, $references,
            ...self::placed($spans, $references, $words, $lexicon),
        );
    }

    public function clues(): WalkClues
    {
        return new WalkClues(
            Ground::of($this->words),
            (new ClueReader($this->words, $this->lexicon))->read($this->spans, $this->placed, $this->quantities),
            $this->placed,
            NotFitted::among($this->placed, $this->words),
        );
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<array{int, int, string}>  $references
     * @return array{list<Placed>, list<array{int, Station}>}
     */
    private static function placed(array $spans, array $references, Words $words, Lexicon $lexicon): array
    {
        return (new PlaceTracker($lexicon->parts))->place(
            (new MentionMaker($lexicon))->mentions($spans, $words),
            PlaceWords::among($spans, $references, $words),
        );
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<Quantity>  $quantities
     * @return list<Span> those that do not lie on a figure
     */
    private static function clearOf(array $spans, array $quantities): array
    {
        $taken = [];
        foreach ($quantities as $quantity) {
            // "Quarter" alone may be half a name: "quarter pins" are cotter pins.
            $isSure =
                $quantity->unit !== QuantityUnit::None &&
                ! ($quantity->unit === QuantityUnit::Fraction && $quantity->to - $quantity->from === 1);
            for ($i = $quantity->from; $isSure && $i < $quantity->to; $i++) {
                $taken[$i] = true;
            }
        }

        return array_values(
            array_filter(
                $spans,
                static fn (Span $span): bool => ! isset($taken[$span->from]) && ! isset($taken[$span->to - 1]),
            ),
        );
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<Quantity>  $quantities
     * @return list<Span>
     */
    private static function withImpliedTyres(array $spans, array $quantities): array
    {
        foreach ($quantities as $quantity) {
            if ($quantity->unit !== QuantityUnit::ThirtySeconds) {
                continue;
            }
            $named = false;
            foreach ($spans as $span) {
                $named =
                    $named ||
                    (isset($span->parts['wheel.tyre']) &&
                        $span->from <= $quantity->to + 6 &&
                        $quantity->from - $span->to < self::TYRE_BEFORE_WORDS);
            }
            if (! $named) {
                $spans[] = new Span($quantity->from, $quantity->to, ['wheel.tyre' => 0.02], [], [], null, null, 0.02);
            }
        }
        usort($spans, static fn (Span $a, Span $b): int => $a->from <=> $b->from);

        return $spans;
    }
}
