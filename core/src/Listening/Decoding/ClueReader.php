<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Binding\Defects;
use Pasada\Core\Listening\Binding\Denial;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Lexicon\Statement;
use Pasada\Core\Listening\Span;
use Pasada\Core\Listening\Walking\Placed;

/** Reads the clues of a walk: what is named, and what is stated once it is known whether it is denied. */
final class ClueReader
{
    /** Fault words that only mean something when denied: oil is no fault of a dipstick. */
    private const ONLY_DENIED = [
        Point::NoContaminant, Point::NoGap, Point::NoWelds, Point::Clean, Point::Works, Point::NotDragging,
    ];

    /** Words behind "in" by which a handle is not said to be in. */
    private const NOT_IN = ['the', 'a', 'my', 'good', 'place', 'its', 'it', 'this', 'line', 'proper', 'locked'];

    /** After "is in", "is on": the phrase goes on and says something else. */
    private const GOES_ON = [
        'good', 'great', 'place', 'the', 'a', 'my', 'between', 'this', 'its', 'proper', 'working', 'fine', 'okay',
        'perfect', 'there',
    ];

    /** Nobody counts more of one part. */
    private const MOST_OF_A_PART = 40;

    /** Words before a fault in which a condition stands. */
    private const CONDITION_WORDS = 4;

    private int $lastFault = -100;

    private int $lastSaid = -100;

    private readonly Denial $denial;

    public function __construct(private readonly Words $words, private readonly Lexicon $lexicon)
    {
        $this->denial = new Denial();
    }

    /**
     * @param  list<Span>  $spans
     * @param  list<Placed>  $placed
     * @param  list<Quantity>  $quantities
     * @return list<Clue> in the order of the words
     */
    public function read(array $spans, array $placed, array $quantities): array
    {
        $spanAt = $nameAt = $nameTo = $quantityAt = $clues = [];
        foreach ($spans as $span) {
            $spanAt[$span->from] = $span;
        }
        foreach ($placed as $n => $one) {
            $nameAt[$one->mention->from] = $n;
            $nameTo[$one->mention->to] = $one;
        }
        foreach ($quantities as $quantity) {
            $quantityAt[$quantity->from] = $quantity;
        }
        $count = $this->words->count();
        for ($i = 0; $i < $count; $i++) {
            $this->denial->hear($this->words, $i);
            $span = $spanAt[$i] ?? null;
            $name = $nameAt[$i] ?? null;
            $quantity = $quantityAt[$i] ?? null;
            if ($span === null) {
                $clues[] = isset($nameTo[$i]) ? $this->pushedIn($i, $nameTo[$i]) : null;
                $clues[] = $quantity === null ? null : $this->figure($quantity);

                continue;
            }
            $said = $span->statement === null
                ? null
                : $this->said($span, $this->lexicon->statements[$span->statement], $name !== null);
            if ($name !== null && ! $this->denial->isAt($i - 1) && $said === null) {
                $this->denial->end();
            }
            if ($name !== null || $said !== null) {
                $clues[] = new Clue(
                    $i, $span->to, $name, $said[0] ?? null, null, $said[1] ?? false, $said[2] ?? false,
                    $said === null ? null : $this->countIn($span, $quantityAt),
                );
            }
            // A tread figure that names its tyre by itself.
            if ($quantity !== null) {
                $clues[] = $this->figure($quantity);
            }
            for ($i++; $i < $span->to; $i++) {
                $this->denial->hear($this->words, $i);
            }
            $i--;
        }

        return array_values(array_filter($clues));
    }

    /**
     * "All ten there": how many.
     *
     * @param  array<int, Quantity>  $quantityAt  by first word
     */
    private function countIn(Span $span, array $quantityAt): ?float
    {
        for ($i = $span->from; $i < $span->to; $i++) {
            if (isset($quantityAt[$i]) && $quantityAt[$i]->unit === QuantityUnit::None) {
                return $quantityAt[$i]->value;
            }
        }

        return null;
    }

    private function figure(Quantity $quantity): ?Clue
    {
        $text = $this->words->text;
        if (($text[$quantity->from - 1] ?? '') === 'not') {
            return null;
        }
        // "All ten there": none is missing.
        $isCount = $quantity->unit === QuantityUnit::None && $quantity->value > 1
            && $quantity->value < self::MOST_OF_A_PART && ($text[$quantity->from - 1] ?? '') === 'all';

        return $isCount
            ? new Clue(
                $quantity->from - 1, $quantity->to, statement: new Statement([Point::Complete], false), isStrict: true,
                count: $quantity->value,
            )
            : new Clue($quantity->from, $quantity->to, quantity: $quantity);
    }

    /** "Release handle in": it is locked. "Lug nuts there": none is missing. One word tells. */
    private function pushedIn(int $at, Placed $name): ?Clue
    {
        $word = $this->words->text[$at];
        $point = match (true) {
            $word === 'there' => Point::Complete,
            $word === 'in' && ! in_array($this->words->text[$at + 1] ?? '', self::NOT_IN, true) => Point::Locked,
            default => null,
        };

        return $point === null || ! $name->part->points->has($point)
            ? null
            : new Clue($at, $at + 1, statement: new Statement([$point], false), isStrict: true);
    }

    /** @return array{Statement, bool, bool}|null what is stated, whether as a defect, and whether strictly */
    private function said(Span $span, Statement $statement, bool $isName): ?array
    {
        $at = $span->from;
        if ($this->isHalfAPhrase($span)) {
            return null;
        }
        if (! $statement->isFault || $statement->points[0] === Point::Retread) {
            if (! $statement->isFault && $this->denial->isAt($at - 1) && $this->words->text[$at - 1] === 'not') {
                return null;
            }
            if (! $isName) {
                $this->denial->end();
                $this->lastSaid = $span->to;
            }

            return [$statement, false, false];
        }
        $isDenied = $this->denial->denies($at);
        $before = array_slice($this->words->text, max(0, $at - self::CONDITION_WORDS), min($at, self::CONDITION_WORDS));
        // "Skip it unless it is damaged" says nothing of it.
        if (! $isDenied && array_intersect($before, ['unless', 'if', 'when']) !== []) {
            return null;
        }
        // Grease on a U-joint or a skid plate is as it should be; on a drum it is not.
        if (! $isDenied && $statement->points[0] === Point::NoContaminant
            && str_starts_with($this->words->text[$at], 'greas')) {
            return [new Statement([Point::Greased], false), false, true];
        }
        $needsDenial = in_array($statement->points[0], self::ONLY_DENIED, true);
        if (! $isDenied) {
            if (
                $at - $this->lastFault > 3 && ! $this->isOnlyDenied($statement)
                && Defects::isReported($this->words, $span)
            ) {
                return [$statement, true, false];
            }
            if ($needsDenial) {
                return null;
            }
        }
        $this->denial->goOn($span->to - 1);
        $this->lastFault = $this->lastSaid = $span->to;

        return [$statement, false, false];
    }

    private function isOnlyDenied(Statement $statement): bool
    {
        return array_filter(
            $statement->points,
            static fn (Point $point): bool => ! in_array($point, self::ONLY_DENIED, true),
        ) === [];
    }

    /** "Bolted on good" says nothing of its shape; "is in good shape" nothing of a pin. */
    private function isHalfAPhrase(Span $span): bool
    {
        $next = $this->words->text[$span->to] ?? '';
        $gap = $span->from - $this->lastSaid;
        $before = implode(' ', array_slice($this->words->text, max(0, $span->from - 2), min(2, $span->from)));

        return match (implode(' ', array_slice($this->words->text, $span->from, $span->to - $span->from))) {
            'good' => $this->words->break[$span->from] === Words::NO_BREAK
                && ($gap === 0 || ($gap === 1
                    && in_array($this->words->text[$span->from - 1], ['on', 'up', 'down', 'in'], true))),
            // "Every one of them tight" speaks of all that were named.
            'every one', 'each one', 'all the bolts' => $next === 'of',
            // "Cuts in the tread" tells no depth.
            'tread' => preg_match('/\b(in|on|of)( the| my)?$/', $before) === 1,
            // "Attached to my drag link" tells how they hang together.
            'attached' => $next === 'to',
            'is in', 'are in', 'is on', 'are on', 'is down', 'are down' => in_array($next, self::GOES_ON, true),
            'is there', 'are there' => in_array($next, ['any', 'a', 'no', 'anything'], true),
            default => false,
        };
    }
}
