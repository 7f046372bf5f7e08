<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Checklist\Figure;
use Pasada\Core\Language\Excerpt;
use Pasada\Core\Language\NumberGrammar;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Binding\Finding;
use Pasada\Core\Listening\Decoding\ClueReader;
use Pasada\Core\Listening\Decoding\Decoder;
use Pasada\Core\Listening\Decoding\Ground;
use Pasada\Core\Listening\Decoding\NotFitted;
use Pasada\Core\Listening\Decoding\Teller;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Referring\ReferenceFinder;
use Pasada\Core\Listening\Referring\ReferenceScope;
use Pasada\Core\Listening\Walking\MentionMaker;
use Pasada\Core\Listening\Walking\Placed;
use Pasada\Core\Listening\Walking\PlaceTracker;
use Pasada\Core\Listening\Walking\Station;

/**
 * From the words of a walk to proposals: names and statement words are spotted, mentions are placed on the walk,
 * statements and figures bound to them, references and talk told apart.
 */
final readonly class Listener
{
    /** A stretch without a name, statement or figure that lasts so many words is talk about something else. */
    private const TALK_WORDS = 16;

    /** Words before a tread figure within which its tyre was named; without one the figure names it. */
    private const TYRE_BEFORE_WORDS = 30;

    /** Before a place: the speaker compares, remembers or warns, and stands elsewhere. */
    private const COMPARES = [
        'like' => true, 'as' => true, 'than' => true, 'same' => true, 'no' => true, 'not' => true, 'did' => true,
        'had' => true, 'was' => true, 'were' => true, 'forgot' => true, 'forget' => true, 'every' => true,
        'for' => true, 'if' => true, 'from' => true, 'between' => true, 'unlike' => true, 'say' => true,
    ];

    private const COMPARED_BEFORE = 4;

    /**
     * @param  list<Figure>  $figures  what the checklist accepts
     * @param  list<string>|null  $only  ids of the components that are asked; talk about others is off the list. Null
     *   asks all
     */
    public function __construct(private Lexicon $lexicon, private array $figures, private ?array $only = null) {}

    /** The same with one reading of each piece, where a recogniser gave several. What is heard is heard in that. */
    public function understood(Transcript $transcript): Transcript
    {
        return (new Chooser(new Spotter($this->lexicon)))->choose($transcript);
    }

    /** @param  Transcript  $transcript  as understood() gives it */
    public function listen(Transcript $transcript): Account
    {
        $words = Words::of($transcript);
        $quantities = (new NumberGrammar())->find($words);
        $spans = $this->withImpliedTyres(
            $this->clearOf((new Spotter($this->lexicon))->spot($words), $quantities),
            $quantities,
        );
        $references = (new ReferenceFinder())->find($words);
        [$placed, $route] = $this->placed($spans, $references, $words);
        $spans = (new SecondHearing($this->lexicon, $words))->hear($spans, $quantities, $route, $placed);
        [$placed, $route] = $this->placed($spans, $references, $words);
        $findings = $this->bound($words, $spans, $placed, $quantities);
        [$heard, $off] = $this->sorted((new Proposals($transcript, $words))->gather($findings, $references));
        $check = new FigureCheck($this->figures);

        return new Account(
            $words, $heard, (new ReferenceScope($words, $spans, $findings, $route))->of($references, $transcript),
            array_merge([], ...array_map($check->of(...), $heard)),
            [...$off, ...$this->talk($transcript, $words, $spans, $quantities, $references)],
            array_map(
                static fn (array $stop): array => [$transcript->cues[$words->cue[$stop[0]]]->from, $stop[1]],
                $route,
            ),
        );
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<array{int, int, string}>  $references
     * @return array{list<Placed>, list<array{int, Station}>}
     */
    private function placed(array $spans, array $references, Words $words): array
    {
        return (new PlaceTracker($this->lexicon->parts))->place(
            (new MentionMaker($this->lexicon))->mentions($spans, $words),
            $this->placeWords($spans, $references, $words),
        );
    }

    /** @return array{Ground, list<\Pasada\Core\Listening\Decoding\Clue>, list<Placed>, array<int, true>} */
    public function clues(Transcript $transcript): array
    {
        $words = Words::of($transcript);
        $quantities = (new NumberGrammar())->find($words);
        $spans = $this->withImpliedTyres(
            $this->clearOf((new Spotter($this->lexicon))->spot($words), $quantities),
            $quantities,
        );
        $references = (new ReferenceFinder())->find($words);
        [$placed, $route] = $this->placed($spans, $references, $words);
        $spans = (new SecondHearing($this->lexicon, $words))->hear($spans, $quantities, $route, $placed);
        [$placed] = $this->placed($spans, $references, $words);

        return [
            Ground::of($words), (new ClueReader($words, $this->lexicon))->read($spans, $placed, $quantities), $placed,
            NotFitted::among($placed, $words),
        ];
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<Placed>  $placed
     * @param  list<Quantity>  $quantities
     * @return list<Finding>
     */
    private function bound(Words $words, array $spans, array $placed, array $quantities): array
    {
        $ground = Ground::of($words);
        $clues = (new ClueReader($words, $this->lexicon))->read($spans, $placed, $quantities);
        $aside = NotFitted::among($placed, $words);
        $decoder = new Decoder($ground, $clues, $placed, $this->lexicon->weights, $aside);

        return (new Teller($ground, $clues, $placed, $decoder))->findings($decoder->best(), $aside);
    }

    /**
     * @param  list<Proposal>  $heard
     * @return array{list<Proposal>, list<array{float, float, string}>} what is asked, and the words about what is not
     */
    private function sorted(array $heard): array
    {
        if ($this->only === null) {
            return [$heard, []];
        }
        $asked = $off = [];
        foreach ($heard as $proposal) {
            if (in_array($proposal->component, $this->only, true)) {
                $asked[] = $proposal;
            } else {
                foreach ($proposal->evidence as $one) {
                    $off[] = [$one->at, $one->at, $one->text];
                }
            }
        }

        return [$asked, $off];
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<Quantity>  $quantities
     * @return list<Span> those that do not lie on a figure
     */
    private function clearOf(array $spans, array $quantities): array
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
    private function withImpliedTyres(array $spans, array $quantities): array
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

    /**
     * @param  list<Span>  $spans
     * @param  list<array{int, int, string}>  $references
     * @return array<int, string> places by word; "as on the front one" tells where the speaker was, not where he is
     */
    private function placeWords(array $spans, array $references, Words $words): array
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
            $before = array_slice($words->text, max(0, $span->from - self::COMPARED_BEFORE), min($span->from, self::COMPARED_BEFORE));
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

    /**
     * @param  list<Span>  $spans
     * @param  list<Quantity>  $quantities
     * @param  list<array{int, int, string}>  $references
     * @return list<array{float, float, string}>
     */
    private function talk(
        Transcript $transcript, Words $words, array $spans, array $quantities, array $references,
    ): array {
        $busy = [];
        foreach ([...$spans, ...$quantities] as $one) {
            $busy[] = [$one->from, $one->to];
        }
        foreach ($references as [$from, $to]) {
            $busy[] = [$from, $to];
        }
        $busy[] = [$words->count(), $words->count()];
        sort($busy);
        $talk = [];
        $end = 0;
        foreach ($busy as [$from, $to]) {
            if ($from - $end >= self::TALK_WORDS) {
                $last = $words->cue[$from - 1];
                $talk[] = [
                    $transcript->cues[$words->cue[$end]]->from,
                    isset($words->cue[$from])
                        ? $transcript->cues[$words->cue[$from]]->from
                        : $transcript->cues[$last]->from,
                    Excerpt::of($transcript, $words, $end, $from),
                ];
            }
            $end = max($end, $to);
        }

        return $talk;
    }
}
