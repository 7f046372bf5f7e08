<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Zone;

/**
 * Binds statements and figures to the parts they are about, in one pass over the words.
 *
 * Most statements follow the name. They stand before it in "no leaks on the water pump"; a list of names shares what
 * follows it; a statement that is none of the part's at hand may belong to one named shortly before.
 */
final class Binder
{
    /** Words between two names of one list. */
    private const LIST_WORDS = ['and' => true, 'the' => true, 'my' => true, 'or' => true, 'with' => true, 'a' => true, 'your' => true, 'our' => true, 'plus' => true, 'also' => true, 'both' => true, 'upper' => true, 'lower' => true, 'front' => true, 'rear' => true, 'left' => true, 'right' => true, 'inner' => true, 'outer' => true, 'then' => true, 'as' => true, 'well' => true, 'an' => true, 'uh' => true, 'um' => true, 'all' => true, 'of' => true, 'these' => true, 'its' => true, 'on' => true];

    private const PREPOSITIONS = ['on' => true, 'in' => true, 'at' => true, 'from' => true, 'around' => true, 'of' => true, 'inside' => true, 'under' => true, 'for' => true, 'with' => true, 'to' => true, 'along' => true];

    private const BETWEEN = ['the' => true, 'my' => true, 'any' => true, 'this' => true, 'these' => true, 'both' => true, 'all' => true, 'your' => true, 'our' => true, 'a' => true, 'an' => true, 'either' => true, 'here' => true, 'that' => true, 'those' => true, 'two' => true, 'three' => true, 'five' => true, 'four' => true];

    /** Before a name: it is where something is fastened or happens, and not what is spoken of. */
    private const OBJECT_OF = ['to' => true, 'against' => true, 'off' => true, 'from' => true, 'hit' => true, 'hits' => true, 'under' => true, 'behind' => true, 'near' => true, 'by' => true, 'on' => true, 'in' => true, 'of' => true, 'at' => true, 'with' => true, 'between' => true, 'around' => true];

    private const MOVES = ['on' => true, 'over' => true, 'down' => true, 'move' => true, 'moving' => true, 'go' => true, 'going' => true, 'back' => true, 'come' => true, 'coming' => true, 'get' => true, 'next' => true, 'up' => true];

    private const JOINT = ['are' => true, 'all' => true, 'both' => true, 'none' => true, 'everything' => true, 'they' => true, 'them' => true, 'each' => true, 'these' => true, 'every' => true, 'those' => true];

    private const ATTENTION = ['hey' => true, 'look' => true, 'see' => true, 'found' => true, 'find' => true, 'fail' => true, 'replace' => true, 'replaced' => true, 'report' => true, 'problem' => true, 'defect' => true, 'defective' => true, 'actually' => true, 'uh' => true, 'oh' => true, 'note' => true, 'noticed' => true, 'notice' => true, 'wrong' => true, 'bad' => true, 'fixed' => true, 'repaired' => true, 'mechanic' => true, 'service' => true, 'write' => true, 'tell' => true, 'hold' => true, 'wait' => true];

    /** Said of almost anything, and so believed even where the catalogue does not list it. */
    private const ANYWHERE = [Point::Mounted, Point::Intact, Point::Complete, Point::Locked, Point::NoWelds, Point::Clean, Point::Sealed, Point::RubberOk, Point::Works, Point::NoContaminant];

    /** Fault words that only mean something when denied: oil is no fault of a dipstick. */
    private const ONLY_DENIED = [Point::NoContaminant, Point::NoGap, Point::NoWelds, Point::Clean, Point::Works, Point::NotDragging];

    /** Cost, in hundredths, from which a shared name lies too far off to be meant. */
    private const FAR = 150;

    /** Families whose parts are often listed without an "and": "hangers springs u bolts tight". */
    private const LISTED = ['susp', 'brake', 'wheel', 'steering', 'coupling'];

    /** Words after which a statement no longer belongs to a name. */
    private const FORGET_AFTER = 34;

    /** @var list<Finding> */
    private array $findings = [];

    /** @var list<int> the names that are spoken of now */
    private array $group = [];

    /** @var list<list<int>> the groups before, the latest last */
    private array $history = [];

    private int $stated = -1;

    private int $lastFault = -100;

    private int $lastBackward = -100;

    /** @var list<array{Span, Statement}> statements that wait for the name they belong to */
    private array $waiting = [];

    /** @var list<Quantity> figures that wait likewise */
    private array $waitingFigures = [];

    private bool $named = false;

    /** Statements of which no part at hand is asked. */
    private int $misfits = 0;

    private int $fits = 0;

    /** @var array<int, true> findings that a statement before their name was given to */
    private array $ahead = [];

    private readonly Denial $denial;

    /**
     * @param  list<Span>  $spans
     * @param  list<Placed>  $placed
     * @param  list<Quantity>  $quantities
     * @param  bool  $namesLast  whether this speaker states first and names then: "tight, not leaking: water pump"
     */
    public function __construct(private readonly Words $words, private readonly Lexicon $lexicon, private readonly array $spans, array $placed, private readonly array $quantities, private readonly bool $namesLast = false)
    {
        $this->findings = array_map(static fn (Placed $one): Finding => new Finding($one), $placed);
        $this->denial = new Denial;
    }

    /** @return list<Finding> one for each mention, with what was said of it */
    public function bind(): array
    {
        $spanAt = $findingAt = $quantityAt = [];
        foreach ($this->spans as $span) {
            $spanAt[$span->from] = $span;
        }
        foreach ($this->findings as $n => $finding) {
            $findingAt[$finding->placed->mention->from] = $n;
        }
        foreach ($this->quantities as $quantity) {
            $quantityAt[$quantity->from] = $quantity;
        }
        $count = $this->words->count();
        for ($i = 0; $i < $count; $i++) {
            $this->denial->hear($this->words, $i);
            $span = $spanAt[$i] ?? null;
            $finding = $findingAt[$i] ?? null;
            $quantity = $quantityAt[$i] ?? null;
            if ($quantity !== null && $span === null) {
                $this->measure($quantity);
            }
            if ($span === null) {
                $this->pushedIn($i);

                continue;
            }
            if ($span->statement !== null && ($finding === null || $this->isStatementHere($finding, $this->lexicon->statements[$span->statement], $i))) {
                if ($finding !== null) {
                    $this->findings[$finding]->isNoName = true;
                }
                $this->state($span, $this->lexicon->statements[$span->statement]);
            } elseif ($finding !== null) {
                $this->name($finding, $span);
            }
            // A tread figure that names its tyre by itself.
            if ($quantity !== null) {
                $this->measure($quantity);
            }
            for ($i++; $i < $span->to; $i++) {
                $this->denial->hear($this->words, $i);
            }
            $i--;
        }

        return $this->findings;
    }

    /** "Release handle in": it is locked. "Lug nuts there": none is missing. One word tells. */
    private function pushedIn(int $at): void
    {
        if (! in_array($this->words->text[$at], ['in', 'there'], true) || $this->group === []) {
            return;
        }
        $finding = $this->findings[$this->group[count($this->group) - 1]];
        $isNext = $finding->placed->mention->to === $at;
        if ($this->words->text[$at] === 'there') {
            if ($isNext && $finding->placed->part->points->has(Point::Complete)) {
                $finding->add(Point::Complete, true, $at, $at + 1);
                $this->stated = $at;
            }

            return;
        }
        $next = $this->words->text[$at + 1] ?? '';
        if ($isNext && $finding->placed->part->points->has(Point::Locked) && ! in_array($next, ['the', 'a', 'my', 'good', 'place', 'its', 'it', 'this', 'line', 'proper', 'locked'], true)) {
            $finding->add(Point::Locked, true, $at, $at + 1);
            $this->stated = $at;
        }
    }

    /** Share of the statements that no part at hand is asked for; high where statements are given to the wrong side. */
    public function misfitShare(): float
    {
        return $this->misfits / max(1, $this->statements());
    }

    public function statements(): int
    {
        return $this->misfits + $this->fits;
    }

    /** A run of words may name a part and state something: "turn signal" names a lamp or tells what another one does. */
    private function isStatementHere(int $finding, Statement $statement, int $at): bool
    {
        $part = $this->findings[$finding]->placed->part;
        if ($this->group === [] || $this->words->break[$at] >= Words::SENTENCE) {
            return false;
        }
        $topic = $this->findings[$this->group[count($this->group) - 1]];
        if ($at - $topic->to > 14 || self::own($topic->placed->part, $statement) === null) {
            return false;
        }

        return $this->findings[$finding]->placed->kind === EntryKind::PartWhereFitting || ($statement->points[0] === Point::Functions && ($part->id === $topic->placed->part->id || $part->zone !== $topic->placed->part->zone || $topic->points !== []));
    }

    private function name(int $n, Span $span): void
    {
        $finding = $this->findings[$n];
        if (! $this->denial->isAt($span->from - 1)) {
            $this->denial->end();
        }
        if ($this->isSideOfGap($n)) {
            $finding->add(Point::NoGap, true, $span->from, $span->to);

            return;
        }
        // "With the wheels chocked I pull the push rod": a condition, not the chocking.
        $isCondition = $finding->placed->part->family() === 'safety' && $finding->placed->standing->axle() !== null;
        if (! isset($this->ahead[$n]) && ($isCondition || $this->isObject($n) || $this->isDetail($n))) {
            $finding->isNoName = true;

            return;
        }
        if ($finding->placed->kind === EntryKind::PartSaying) {
            foreach ($finding->placed->part->essential->points() as $point) {
                $finding->add($point, true, $span->from, $span->to);
            }
        }
        $finding->notFitted = $this->isWaved($span);
        // "Cap is on": the name says what is said of it.
        if ($span->statement !== null && $finding->placed->kind === EntryKind::PartWhereFitting) {
            $this->giveTo($n, $span, $this->lexicon->statements[$span->statement]);
        }
        $last = $this->group === [] ? null : $this->findings[$this->group[count($this->group) - 1]];
        if ($last !== null && $this->isKnown($n)) {
            // Named again by another word: "turn signals, which are also my four ways".
            $this->findings[$this->group[count($this->group) - 1]]->reach($span->from, $span->to);
        } elseif ($last !== null && $last->placed->kind !== EntryKind::PartSaying && $this->stated < $last->placed->mention->from && $this->isList($last->to, $span->from)) {
            $this->group[] = $n;
        } else {
            if ($this->group !== []) {
                $this->history[] = $this->group;
                $this->history = array_slice($this->history, -6);
            }
            $this->group = [$n];
            $this->forgetWaiting();
        }
        $lends = $finding->placed->part->lends;
        if ($lends !== null && ($lends === Point::NoGap || in_array($this->wordBefore($span->from), ['got', 'has', 'have', 'with', 'and', 'all', 'no', 'missing', 'its', 'their'], true))) {
            $this->lend($n, $lends, $span);
        }
        if ($this->namesLast) {
            $this->giveWaiting($span);
        }
    }

    /** What was stated before is said of this name, and of those that follow in the same list. */
    private function giveWaiting(Span $name): void
    {
        foreach ($this->waiting as [$span, $statement]) {
            if ($name->from - $span->to < self::FORGET_AFTER) {
                $this->giveTo($this->group[count($this->group) - 1], $span, $statement) ? $this->fits++ : $this->misfits++;
            }
        }
        foreach ($this->waitingFigures as $quantity) {
            $this->giveFigure($this->group[count($this->group) - 1], $quantity, $this->bound($quantity));
        }
        $this->named = true;
    }

    private function lend(int $n, Point $point, Span $span): void
    {
        $family = $this->findings[$n]->placed->part->family();
        // Nuts are those of the list at hand; a gap is one between all that meet there.
        $groups = array_slice([...$this->history, $this->group], $point === Point::NoGap ? -4 : -2);
        foreach (array_merge(...$groups) as $other) {
            $finding = $this->findings[$other];
            if ($other !== $n && $span->from - $finding->to < 40 && $finding->placed->part->family() === $family && $finding->placed->part->points->has($point)) {
                $finding->points[$point->value] = true;
            }
        }
    }

    /** "No gap between the skid plate and the apron" */
    private function isSideOfGap(int $n): bool
    {
        $topic = $this->group === [] ? null : $this->findings[$this->group[count($this->group) - 1]];
        $placed = $this->findings[$n]->placed;
        $away = $topic === null ? 100 : $placed->mention->from - $topic->placed->mention->to;

        return $topic !== null && $topic->placed->part->lends === Point::NoGap && $placed->part->points->has(Point::NoGap) && $placed->part->id !== $topic->placed->part->id && $away <= 7
            && in_array($this->wordBefore($placed->mention->from), ['between', 'and'], true);
    }

    private function wordBefore(int $at): string
    {
        return $this->words->text[$this->before($at)] ?? '';
    }

    /** Index of the word before, articles and the like passed over. */
    private function before(int $at): int
    {
        $before = $at - 1;
        while ($before > 0 && isset(self::BETWEEN[$this->words->text[$before]])) {
            $before--;
        }

        return $before;
    }

    /** Whether the same part is among those that are spoken of and nothing was said of them yet. */
    private function isKnown(int $n): bool
    {
        if ($this->stated >= $this->findings[$this->group[0]]->placed->mention->from || $this->findings[$n]->placed->mention->from - $this->findings[$this->group[count($this->group) - 1]]->to > 8) {
            return false;
        }
        foreach ($this->group as $one) {
            if ($this->findings[$one]->placed->key() === $this->findings[$n]->placed->key()) {
                $this->findings[$n]->isNoName = true;

                return true;
            }
        }

        return false;
    }

    private function isList(int $from, int $to): bool
    {
        if ($to - $from > 6) {
            return false;
        }
        for ($i = $from; $i < $to; $i++) {
            if (! isset(self::LIST_WORDS[$this->words->text[$i]]) || $this->words->break[$i] >= Words::SENTENCE) {
                return false;
            }
        }

        return $this->words->break[$to] < Words::SENTENCE;
    }

    private function isObject(int $n): bool
    {
        $placed = $this->findings[$n]->placed;
        $at = $placed->mention->from;
        $before = $this->before($at);
        $word = $this->words->text[$before] ?? '';

        // "I release the trailer brake": a step on the way, not the part that is tested.
        if (in_array($word, ['release', 'releasing', 'released', 'set', 'setting', 'apply', 'fan', 'fanning'], true) && $this->group !== [] && $placed->part->zone === Zone::Brakes) {
            return true;
        }
        $previous = $this->group === [] ? null : $this->findings[$this->group[count($this->group) - 1]]->placed->mention;
        // "Hoses leading to the steering box", "gap between the plate and the apron".
        if ($previous !== null && $before >= $previous->to && $before - $previous->to <= 1 && in_array($word, ['to', 'from', 'of'], true) && in_array($this->words->text[$before - 1] ?? '', ['leading', 'leads', 'going', 'goes', 'coming', 'comes', 'connected', 'running', 'runs', 'off', 'attached'], true)) {
            return true;
        }
        if ($previous !== null && $before < $previous->to) {
            return false;
        }
        if (! isset(self::OBJECT_OF[$word]) || $this->words->break[$at] >= Words::COMMA || in_array($this->words->text[$before - 1] ?? '', ['is', 'are'], true) || isset(self::MOVES[$this->words->text[$before - 1] ?? '']) || $this->group === []) {
            return false;
        }

        return ($placed->kind === EntryKind::PartWhereFitting && $placed->part->goesWith === []) || ($before > $this->lastBackward && $before - $this->lastBackward <= 2 && ! $this->isBrokenBetween($this->lastBackward, $at));
    }

    /**
     * A shared name that is part of what is spoken of ("all four nuts" of a U-bolt), another word for it ("that's the
     * plate"), or far from where the speaker stands.
     */
    private function isDetail(int $n): bool
    {
        $placed = $this->findings[$n]->placed;
        if ($placed->kind !== EntryKind::PartWhereFitting) {
            return false;
        }
        if ($this->group === []) {
            return $placed->cost >= self::FAR;
        }
        $topic = $this->findings[$this->group[count($this->group) - 1]];
        $away = $placed->mention->from - $topic->to;
        $before = implode(' ', array_slice($this->words->text, max(0, $placed->mention->from - 3), min(3, $placed->mention->from)));

        return $placed->cost >= self::FAR
            || ($away <= 4 && preg_match('/(that is|which is|called) (the|your|my|a|an)$/', $before) === 1)
            || ($away < 9 && $placed->part->isHardware && (($placed->part->goesWith === [] && ($topic->placed->part->points->has(Point::Complete) || $topic->placed->part->points->includes($placed->part->essential))) || in_array($this->wordBefore($placed->mention->from), ['no', 'all', 'missing', 'or', 'any'], true)) && $topic->placed->standing === $placed->standing && ! $this->isBrokenBetween($topic->to, $placed->mention->from));
    }

    /** "I do not have a ...", "no air horn on this one", "... is not fitted". */
    private function isWaved(Span $span): bool
    {
        $before = implode(' ', array_slice($this->words->text, max(0, $span->from - 5), min(5, $span->from)));
        $after = implode(' ', array_slice($this->words->text, $span->to, 6));

        return preg_match('/\b(not? (have|got|equipped|fitted)|no|not equipped with|without)( (a|an|any|with|the|with a|one))*$/', $before) === 1 && (preg_match('/\bnot? (have|got|equipped|fitted)/', $before) === 1 || preg_match('/^(on (this|that|the|my)|here|fitted|for this|on it)/', $after) === 1)
            || preg_match('/^(is|are)? ?(not (fitted|equipped|applicable|on this|present|installed)|not have|n a\b)/', $after) === 1;
    }

    private function isBrokenBetween(int $from, int $to): bool
    {
        for ($i = max(0, $from); $i <= $to && $i < $this->words->count(); $i++) {
            if ($this->words->break[$i] >= Words::SENTENCE) {
                return true;
            }
        }

        return false;
    }

    private function state(Span $span, Statement $statement): void
    {
        $at = $span->from;
        if ($this->isHalfAPhrase($span)) {
            return;
        }
        $statement = $this->greaseIsGood($statement, $at);
        if ($statement->isFault && $statement->points[0] !== Point::Retread) {
            $denied = $this->denial->denies($at);
            $list = $at - $this->lastFault <= 3;
            if (! $denied) {
                if (in_array($statement->points[0], self::ONLY_DENIED, true)) {
                    return;
                }
                if (! $list && $this->isDefect($span)) {
                    $this->defect($span);

                    return;
                }
            }
            $this->denial->goOn($span->to - 1);
            $this->lastFault = $span->to;
        } elseif ($this->denial->isAt($at - 1) && ! $statement->isFault && ($this->words->text[$at - 1] ?? '') === 'not') {
            return;
        } else {
            $this->denial->end();
        }
        $this->give($span, $statement);
    }

    /** "Bolted on good" says nothing of its shape; "is in good shape" nothing of a pin. */
    private function isHalfAPhrase(Span $span): bool
    {
        $words = implode(' ', array_slice($this->words->text, $span->from, $span->to - $span->from));
        $next = $this->words->text[$span->to] ?? '';

        return match ($words) {
            'good' => $this->words->break[$span->from] === Words::NO_BREAK && ($span->from - $this->lastBackward === 1 || ($span->from - $this->lastBackward === 2 && in_array($this->words->text[$span->from - 1], ['on', 'up', 'down', 'in'], true))),
            'is in', 'are in', 'is on', 'are on' => in_array($next, ['good', 'great', 'place', 'the', 'a', 'my', 'between', 'this', 'its', 'proper', 'working', 'fine', 'okay', 'perfect', 'there'], true),
            'is there', 'are there' => in_array($next, ['any', 'a', 'no', 'anything'], true),
            default => false,
        };
    }

    /** Grease on a U-joint or a skid plate is as it should be; on a drum it is not. */
    private function greaseIsGood(Statement $statement, int $at): Statement
    {
        if (! $statement->isFault || $statement->points[0] !== Point::NoContaminant || $this->group === [] || $this->denial->denies($at) || ! str_starts_with($this->words->text[$at], 'greas')) {
            return $statement;
        }
        $topic = $this->findings[$this->group[count($this->group) - 1]];

        return $topic->placed->part->points->has(Point::Greased) ? new Statement([Point::Greased], false) : $statement;
    }

    private function isDefect(Span $span): bool
    {
        $text = $this->words->text;
        $before = $text[$span->from - 1] ?? '';
        if (! in_array($before, ['is', 'are', 'a', 'has', 'got', 'was', 'badly', 'little', 'slightly', 'some', 'big'], true)) {
            return false;
        }
        for ($i = max(0, $span->from - 12); $i < min($this->words->count(), $span->to + 12); $i++) {
            if (isset(self::ATTENTION[$text[$i]]) && ! (in_array($text[$i], ['see', 'look', 'find'], true) && in_array($text[$i - 1] ?? '', ['not', 'i', 'to', 'would', 'can'], true) && ! in_array($text[$i + 1] ?? '', ['that', 'a', 'here', 'at'], true))) {
                return true;
            }
        }

        return false;
    }

    private function defect(Span $span): void
    {
        $group = $this->group;
        if ($group === [] || $span->from - $this->findings[$group[count($group) - 1]]->to > self::FORGET_AFTER) {
            return;
        }
        $finding = $this->findings[$group[count($group) - 1]];
        $finding->defects[] = implode(' ', array_slice($this->words->text, $span->from, $span->to - $span->from));
        $finding->reach($span->from, $span->to);
        $this->stated = $span->from;
    }

    private function give(Span $span, Statement $statement): void
    {
        if ($this->namesLast) {
            $this->forgetWaiting();
            $this->waiting[] = [$span, $statement];
            $this->stated = $span->from;

            return;
        }
        $ahead = $this->ahead($span, $statement);
        if ($ahead !== null) {
            $part = $this->findings[$ahead]->placed->part;
            $point = self::own($part, $statement) ?? $statement->points[0];
            $this->findings[$ahead]->add($point, $part->points->has($point), $span->from, $span->to);
            $this->ahead[$ahead] = true;

            return;
        }
        $this->lastBackward = $span->to - 1;
        $given = false;
        $spokenOf = $this->spokenOf($span);
        foreach ($spokenOf as $n) {
            $given = $this->giveTo($n, $span, $statement) || $given;
        }
        $given ? $this->fits++ : $this->misfits++;
        if ($given && count($spokenOf) > 1) {
            $this->giveToRest($spokenOf, $span, $statement);
        } elseif (! $given) {
            $this->giveToEarlier($span, $statement);
        }
    }

    /** @return list<int> the findings that a statement here is about */
    private function spokenOf(Span $span): array
    {
        if ($this->group === []) {
            return [];
        }
        $last = $this->findings[$this->group[count($this->group) - 1]];
        if ($span->from - $last->to > self::FORGET_AFTER) {
            return [];
        }
        $this->stated = $span->from;
        if (count($this->group) === 1) {
            return $this->group;
        }
        // "X and Y is tight" speaks of Y; "are", "all", "none" or no verb at all speak of both.
        $between = array_slice($this->words->text, $last->placed->mention->to, $span->from - $last->placed->mention->to);
        $joint = array_filter($between, static fn (string $word): bool => isset(self::JOINT[$word])) !== [];

        $isOne = in_array('is', array_slice($between, 0, 2), true) || (! in_array($last->placed->part->family(), self::LISTED, true) && ! $this->isLinked());

        return ! $joint && $isOne ? [$this->group[count($this->group) - 1]] : $this->group;
    }

    /** Whether the names of the list are held together by an "and" or a comma. */
    private function isLinked(): bool
    {
        $last = $this->findings[$this->group[count($this->group) - 1]]->placed->mention->from;
        $before = $this->findings[$this->group[count($this->group) - 2]]->placed->mention->to;
        for ($i = $before; $i <= $last; $i++) {
            if ($this->words->break[$i] === Words::COMMA || ($i < $last && in_array($this->words->text[$i], ['and', 'or', 'with', 'plus'], true))) {
                return true;
            }
        }

        return false;
    }

    private function giveTo(int $n, Span $span, Statement $statement): bool
    {
        $finding = $this->findings[$n];
        $point = self::own($finding->placed->part, $statement);
        // "Hub oil level good" speaks of the level.
        if ($point === Point::Intact && $finding->placed->part->points->has(Point::Level) && $this->words->text[$finding->placed->mention->to - 1] === 'level') {
            $point = Point::Level;
        }
        if ($point === null) {
            return false;
        }
        if ($finding->defects !== [] && $span->from - $finding->to < 16) {
            return true;
        }
        $finding->add($point, true, $span->from, $span->to);
        if ($point === Point::Coverage && ! isset($finding->figures['percent'])) {
            $finding->figures['percent'] = 100.0;
        }

        return true;
    }

    /**
     * What is said of a list is said of all in it, listed for them or not.
     *
     * @param  list<int>  $spokenOf
     */
    private function giveToRest(array $spokenOf, Span $span, Statement $statement): void
    {
        foreach ($spokenOf as $n) {
            $finding = $this->findings[$n];
            if (self::own($finding->placed->part, $statement) === null && in_array($statement->points[0], self::ANYWHERE, true)) {
                $finding->add($statement->points[0], false, $span->from, $span->to);
            }
        }
    }

    private function giveToEarlier(Span $span, Statement $statement): void
    {
        $topic = $this->group === [] ? null : $this->findings[$this->group[count($this->group) - 1]];
        $mayBeTopic = $topic !== null && $span->from - $topic->to <= 6 && in_array($statement->points[0], self::ANYWHERE, true);
        if ($mayBeTopic && in_array($statement->points[0], [Point::Complete, Point::NoWelds, Point::Mounted, Point::Intact], true)) {
            $topic->add($statement->points[0], false, $span->from, $span->to);

            return;
        }
        foreach (array_slice(array_reverse($this->history), 0, 2) as $group) {
            foreach (array_reverse($group) as $n) {
                if ($span->from - $this->findings[$n]->to < 16 && $this->giveTo($n, $span, $statement)) {
                    return;
                }
            }
        }
        if ($mayBeTopic) {
            $topic->add($statement->points[0], false, $span->from, $span->to);
        }
    }

    /** The name right after a statement that is about it; null where the statement is about what was named before. */
    private function ahead(Span $span, Statement $statement): ?int
    {
        $next = null;
        foreach ($this->findings as $n => $finding) {
            if ($finding->placed->mention->from >= $span->to) {
                $next = $n;
                break;
            }
        }
        if ($next === null) {
            return null;
        }
        $from = $this->findings[$next]->placed->mention->from;
        if ($from - $span->to > 4) {
            return null;
        }
        $preposition = $this->words->text[$from] === 'between' ? 'between' : null;
        for ($i = $span->to; $i < $from; $i++) {
            $word = $this->words->text[$i];
            if (isset(self::PREPOSITIONS[$word])) {
                $preposition = $word;
            } elseif (! isset(self::BETWEEN[$word])) {
                return null;
            }
            if ($this->words->break[$i] >= Words::SENTENCE) {
                return null;
            }
        }
        if ($this->words->break[$from] >= Words::COMMA && $preposition === null) {
            return null;
        }
        $topic = $this->group === [] ? null : $this->findings[$this->group[count($this->group) - 1]];
        $own = self::own($this->findings[$next]->placed->part, $statement) !== null;
        $ofTopic = $topic !== null && self::own($topic->placed->part, $statement) !== null;
        $isNear = $topic !== null && $span->from - $topic->to <= 3 && ! $this->isBrokenBetween($topic->to, $span->from);
        if ($preposition !== null) {
            // "Bolted to the frame": the frame is only where it is fastened.
            $isFastened = $statement->points[0] === Point::Mounted && in_array($preposition, ['to', 'on', 'in', 'with', 'at'], true);

            return $own && ! $isFastened && (! $isNear || ! $ofTopic || $this->words->break[$span->from] >= Words::COMMA) ? $next : null;
        }
        $before = $this->words->text[$span->from - 1] ?? '';
        $begins = $this->words->break[$span->from] >= Words::SENTENCE || $this->group === [];

        return $own && ! in_array($before, ['is', 'are', 'be', 'in', 'not', 'was', 'them', 'and', 'has', 'looks'], true) && ($begins || ($statement->points[0] === Point::Colour && ($topic === null || ($topic->points !== [] && (! $ofTopic || isset($topic->points['colour'])))))) ? $next : null;
    }

    /** The first statement after a name is about the next one. */
    private function forgetWaiting(): void
    {
        if ($this->named) {
            [$this->waiting, $this->waitingFigures, $this->named] = [[], [], false];
        }
    }

    private function measure(Quantity $quantity): void
    {
        if ($this->namesLast) {
            $this->forgetWaiting();
            $this->waitingFigures[] = $quantity;
            $this->stated = $quantity->from;

            return;
        }
        if (in_array($this->words->text[$quantity->from - 1] ?? '', ['not'], true)) {
            return;
        }
        $bound = $this->bound($quantity);
        $taken = null;
        $first = -1;
        foreach ($this->near($quantity) as $n) {
            $finding = $this->findings[$n];
            $point = Measure::pointOf($quantity, $finding->placed->part);
            $spreads = $taken !== null && $point === $taken && $finding->from < $quantity->from && $this->shares($n, $first, $point);
            $isCut = in_array($quantity->unit, [QuantityUnit::Fraction, QuantityUnit::None], true) && $finding->to < $quantity->from && $this->isBrokenBetween($finding->to, $quantity->from);
            if ($point === null || ($taken !== null && ! $spreads) || $isCut) {
                continue;
            }
            $this->giveFigure($n, $quantity, $bound);
            $first = $taken === null ? $n : $first;
            $taken = $point;
        }
        if ($taken === null) {
            $this->count($quantity);
        }
    }

    /**
     * Push rod and slack adjuster are pulled as one, and "the belt" is that of the part it drives, so one figure may
     * tell of both.
     */
    private function shares(int $n, int $first, Point $point): bool
    {
        $taker = $this->findings[$first]->placed;
        if ($point === Point::BeltPlay) {
            return $taker->kind === EntryKind::PartWhereFitting;
        }
        foreach ($point === Point::RodPlay ? [...$this->history, $this->group] : [] as $group) {
            $keys = array_map(fn (int $one): string => $this->findings[$one]->placed->key(), $group);
            if (in_array($n, $group, true) && in_array($taker->key(), $keys, true)) {
                return true;
            }
        }

        return false;
    }

    private function giveFigure(int $n, Quantity $quantity, Bound $bound): void
    {
        $finding = $this->findings[$n];
        $point = Measure::pointOf($quantity, $finding->placed->part);
        if ($point === null) {
            return;
        }
        $finding->add($point, true, $quantity->from, $quantity->to);
        $finding->figures = [...$finding->figures, ...Measure::figures($quantity, $point, $finding->placed->part)];
        $finding->said[$point->value] = [$quantity, $bound];
        $this->stated = $quantity->from;
    }

    /** "Four of them", "all ten": how many of the part at hand. */
    private function count(Quantity $quantity): void
    {
        $text = $this->words->text;
        $counts = $quantity->unit === QuantityUnit::None && $quantity->value < 40 && ($text[$quantity->from - 1] ?? '') !== 'one'
            && ((in_array($text[$quantity->to] ?? '', ['of'], true) && in_array($text[$quantity->to + 1] ?? '', ['them', 'these', 'those'], true)) || ($text[$quantity->from - 1] ?? '') === 'all');
        if ($counts && $this->group !== [] && $quantity->value > 1) {
            $finding = $this->findings[$this->group[count($this->group) - 1]];
            if ($quantity->from - $finding->to < 8) {
                $finding->figures['count'] = $quantity->value;
                // "All ten there": none is missing.
                if (($text[$quantity->to] ?? '') !== 'of' && $finding->placed->part->points->has(Point::Complete)) {
                    $finding->add(Point::Complete, true, $quantity->from, $quantity->to);
                }
            }
        }
    }

    /** @return list<int> findings that a figure may belong to, the nearest first */
    private function near(Quantity $quantity): array
    {
        $near = array_reverse($this->group);
        foreach (array_reverse($this->history) as $group) {
            $near = [...$near, ...array_reverse($group)];
        }
        $near = array_values(array_filter($near, fn (int $n): bool => $quantity->from - $this->findings[$n]->to < 22));
        // "Three triangles", "a quarter inch of lining": the name may follow.
        foreach ($this->findings as $n => $finding) {
            $away = $finding->placed->mention->from - $quantity->to;
            if ($away > 4) {
                break;
            }
            if ($away >= 0) {
                $isNext = $near === [] || Measure::pointOf($quantity, $this->findings[$near[0]]->placed->part) === null;
                $near = $isNext && $away <= 2 ? [$n, ...$near] : [...$near, $n];
            }
        }

        return $near;
    }

    private function bound(Quantity $quantity): Bound
    {
        $before = implode(' ', array_slice($this->words->text, max(0, $quantity->from - 5), min(5, $quantity->from)));
        $after = implode(' ', array_slice($this->words->text, $quantity->to, 4));
        if (preg_match('/(no|not|never) (\w+ )?(more|over|greater|exceed)|at most|maximum|less than$|up to|max|within|can not|can only/', $before) === 1 && preg_match('/(no|not) (\w+ )?less/', $before) !== 1) {
            return Bound::AtMost;
        }
        if (preg_match('/at least|minimum|(no|not) (\w+ )?less|more than|over|above/', $before) === 1) {
            return Bound::AtLeast;
        }

        return match (true) {
            preg_match('/^(or (more|better|greater|above)|minimum|at least|and up)/', $after) === 1 => Bound::AtLeast,
            preg_match('/^(or less|at (the )?most|is the most|maximum|tops|max)/', $after) === 1 => Bound::AtMost,
            default => Bound::Plain,
        };
    }

    private static function own(Part $part, Statement $statement): ?Point
    {
        // A latch that is "secure" or "in place" is locked.
        if ($statement->points[0] === Point::Mounted && in_array(Point::Locked, $statement->points, true) && $part->essential->has(Point::Locked) && ! $part->essential->has(Point::Mounted)) {
            return Point::Locked;
        }
        foreach ($statement->points as $point) {
            if ($part->points->has($point)) {
                return $point;
            }
        }

        return null;
    }
}
