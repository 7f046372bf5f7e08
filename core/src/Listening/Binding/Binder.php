<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Lexicon\Lexicon;
use Pasada\Core\Listening\Lexicon\Statement;
use Pasada\Core\Listening\Span;
use Pasada\Core\Listening\Walking\Placed;

/** Binds statements and figures to the parts they are about, in one pass over the words. */
final readonly class Binder
{
    /** Words behind "locked" by which it is no statement of the part before. */
    private const NOT_LOCKED_BY = ['the', 'a', 'my', 'good', 'place', 'its', 'it', 'this', 'line', 'proper', 'locked'];

    /** Words after which a statement no longer belongs to a name. */
    private const FORGET_AFTER = 34;

    private Topic $topic;

    private Denial $denial;

    private NameReader $names;

    private StatementBinder $sayings;

    private FigureBinder $figures;

    /**
     * @param  list<Span>  $spans
     * @param  list<Placed>  $placed
     * @param  list<Quantity>  $quantities
     * @param  bool  $namesLast  whether this speaker states first and names then: "tight, not leaking: water pump"
     */
    public function __construct(
        Words $words, private Lexicon $lexicon, private array $spans, array $placed, private array $quantities,
        private bool $namesLast = false,
    ) {
        $this->topic = new Topic($words, array_map(static fn (Placed $one): Finding => new Finding($one), $placed));
        $this->denial = new Denial;
        $this->names = new NameReader($this->topic);
        $this->sayings = new StatementBinder($this->topic, $this->denial, $namesLast);
        $this->figures = new FigureBinder($this->topic, $namesLast);
    }

    /** What was gone through, once bound. */
    public function topic(): Topic
    {
        return $this->topic;
    }

    /** @return list<Finding> one for each mention, with what was said of it */
    public function bind(): array
    {
        $spanAt = $findingAt = $quantityAt = [];
        foreach ($this->spans as $span) {
            $spanAt[$span->from] = $span;
        }
        foreach ($this->topic->findings as $n => $finding) {
            $findingAt[$finding->placed->mention->from] = $n;
        }
        foreach ($this->quantities as $quantity) {
            $quantityAt[$quantity->from] = $quantity;
        }
        $count = $this->topic->words->count();
        for ($i = 0; $i < $count; $i++) {
            $this->denial->hear($this->topic->words, $i);
            $span = $spanAt[$i] ?? null;
            $finding = $findingAt[$i] ?? null;
            $quantity = $quantityAt[$i] ?? null;
            if ($quantity !== null && $span === null) {
                $this->figures->measure($quantity);
            }
            if ($span === null) {
                $this->pushedIn($i);

                continue;
            }
            if (
                $span->statement !== null &&
                ($finding === null ||
                    $this->isStatementHere($finding, $this->lexicon->statements[$span->statement], $i))
            ) {
                if ($finding !== null) {
                    $this->topic->findings[$finding]->isNoName = true;
                }
                $this->sayings->state($span, $this->lexicon->statements[$span->statement]);
            } elseif ($finding !== null) {
                $this->name($finding, $span);
            }
            // A tread figure that names its tyre by itself.
            if ($quantity !== null) {
                $this->figures->measure($quantity);
            }
            for ($i++; $i < $span->to; $i++) {
                $this->denial->hear($this->topic->words, $i);
            }
            $i--;
        }

        return $this->topic->findings;
    }

    /** "Release handle in": it is locked. "Lug nuts there": none is missing. One word tells. */
    private function pushedIn(int $at): void
    {
        if (! in_array($this->topic->words->text[$at], ['in', 'there'], true) || $this->topic->group === []) {
            return;
        }
        $finding = $this->topic->last();
        $isNext = $finding->placed->mention->to === $at;
        if ($this->topic->words->text[$at] === 'there') {
            if ($isNext && $finding->placed->part->points->has(Point::Complete)) {
                $finding->add(Point::Complete, true, $at, $at + 1);
                $this->topic->stated = $at;
            }

            return;
        }
        $next = $this->topic->words->text[$at + 1] ?? '';
        if (
            $isNext &&
            $finding->placed->part->points->has(Point::Locked) &&
            ! in_array($next, self::NOT_LOCKED_BY, true)
        ) {
            $finding->add(Point::Locked, true, $at, $at + 1);
            $this->topic->stated = $at;
        }
    }

    /**
     * A run of words may name a part and state something: "turn signal" names a lamp or tells what another one does.
     */
    private function isStatementHere(int $finding, Statement $statement, int $at): bool
    {
        $part = $this->topic->findings[$finding]->placed->part;
        if ($this->topic->group === [] || $this->topic->words->break[$at] >= Words::SENTENCE) {
            return false;
        }
        $topic = $this->topic->last();
        if ($at - $topic->to > 14 || $statement->pointOf($topic->placed->part) === null) {
            return false;
        }

        return $this->topic->findings[$finding]->placed->kind === EntryKind::PartWhereFitting ||
            ($statement->points[0] === Point::Functions &&
                ($part->id === $topic->placed->part->id ||
                    $part->zone !== $topic->placed->part->zone ||
                    $topic->points !== []));
    }

    private function name(int $n, Span $span): void
    {
        $finding = $this->topic->findings[$n];
        if (! $this->denial->isAt($span->from - 1)) {
            $this->denial->end();
        }
        if ($this->names->isSideOfGap($n)) {
            $finding->add(Point::NoGap, true, $span->from, $span->to);

            return;
        }
        $isLinked =
            $this->topic->group !== [] &&
            $this->topic->stated < $this->topic->last()->placed->mention->from &&
            $this->names->isLinkage($n);
        // "With the wheels chocked I pull the push rod": a condition, not the chocking.
        $isCondition = $finding->placed->part->family() === 'safety' && $finding->placed->standing->axle() !== null;
        if (
            ! $this->sayings->wasAhead($n) &&
            ($isCondition || (! $isLinked && ($this->names->isObject($n) || $this->names->isDetail($n))))
        ) {
            $finding->isNoName = true;

            return;
        }
        if ($finding->placed->kind === EntryKind::PartSaying) {
            foreach ($finding->placed->part->essential->points() as $point) {
                $finding->add($point, true, $span->from, $span->to);
            }
        }
        $finding->notFitted = $this->names->isWaved($span);
        // "Cap is on": the name says what is said of it.
        if ($span->statement !== null && $finding->placed->kind === EntryKind::PartWhereFitting) {
            $this->sayings->giveTo($n, $span, $this->lexicon->statements[$span->statement]);
        }
        $last = $this->topic->group === [] ? null : $this->topic->last();
        if ($last !== null && $this->names->isKnown($n)) {
            // Named again by another word: "turn signals, which are also my four ways".
            $this->topic->last()->reach($span->from, $span->to);
        } elseif ($isLinked) {
            $this->topic->group[] = $n;
        } elseif (
            $last !== null &&
            $last->placed->kind !== EntryKind::PartSaying &&
            $this->topic->stated < $last->placed->mention->from &&
            $this->names->isList($last->to, $span->from)
        ) {
            $this->topic->group[] = $n;
        } else {
            if ($this->topic->group !== []) {
                $this->topic->history[] = $this->topic->group;
                $this->topic->history = array_slice($this->topic->history, -6);
            }
            $this->topic->group = [$n];
            $this->topic->forgetWaiting();
        }
        $lends = $finding->placed->part->lends;
        if (
            $lends !== null &&
            ($lends === Point::NoGap ||
                $this->topic->words->break[$span->from] === Words::COMMA ||
                in_array(
                    $this->topic->wordBefore($span->from),
                    ['got', 'has', 'have', 'with', 'and', 'all', 'no', 'missing', 'its', 'their'],
                    true,
                ))
        ) {
            $this->lend($n, $lends, $span);
        }
        if ($this->namesLast) {
            $this->giveWaiting($span);
        }
    }

    /** What was stated before is said of this name, and of those that follow in the same list. */
    private function giveWaiting(Span $name): void
    {
        foreach ($this->topic->waiting as [$span, $statement]) {
            if ($name->from - $span->to < self::FORGET_AFTER) {
                $this->sayings->giveTo($this->topic->group[count($this->topic->group) - 1], $span, $statement)
                    ? $this->topic->fits++
                    : $this->topic->misfits++;
            }
        }
        foreach ($this->topic->waitingFigures as $quantity) {
            $this->figures->giveFigure(
                $this->topic->group[count($this->topic->group) - 1],
                $quantity,
                Bound::around($this->topic->words, $quantity),
            );
        }
        $this->topic->named = true;
    }

    private function lend(int $n, Point $point, Span $span): void
    {
        $family = $this->topic->findings[$n]->placed->part->family();
        // Nuts are those of the list at hand; a gap is one between all that meet there.
        $groups = array_slice([...$this->topic->history, $this->topic->group], $point === Point::NoGap ? -4 : -2);
        foreach (array_merge(...$groups) as $other) {
            $finding = $this->topic->findings[$other];
            if (
                $other !== $n &&
                $span->from - $finding->to < 40 &&
                $finding->placed->part->family() === $family &&
                $finding->placed->part->points->has($point)
            ) {
                $finding->points[$point->value] = true;
            }
        }
    }
}
