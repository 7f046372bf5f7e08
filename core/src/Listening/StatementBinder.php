<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;

/**
 * Gives statements to the parts they are about.
 *
 * Most follow the name. They stand before it in "no leaks on the water pump"; a list of names shares what follows it; a
 * statement that is none of the part's at hand may belong to one named shortly before.
 */
final class StatementBinder
{
    private const PREPOSITIONS = ['on' => true, 'in' => true, 'at' => true, 'from' => true, 'around' => true, 'of' => true, 'inside' => true, 'under' => true, 'for' => true, 'with' => true, 'to' => true, 'along' => true];

    private const BETWEEN = ['the' => true, 'my' => true, 'any' => true, 'this' => true, 'these' => true, 'both' => true, 'all' => true, 'your' => true, 'our' => true, 'a' => true, 'an' => true, 'either' => true, 'here' => true, 'that' => true, 'those' => true, 'two' => true, 'three' => true, 'five' => true, 'four' => true];

    private const JOINT = ['are' => true, 'all' => true, 'both' => true, 'none' => true, 'everything' => true, 'they' => true, 'them' => true, 'each' => true, 'these' => true, 'every' => true, 'those' => true];

    private const ATTENTION = ['hey' => true, 'look' => true, 'see' => true, 'found' => true, 'find' => true, 'fail' => true, 'replace' => true, 'replaced' => true, 'report' => true, 'problem' => true, 'defect' => true, 'defective' => true, 'actually' => true, 'uh' => true, 'oh' => true, 'note' => true, 'noticed' => true, 'notice' => true, 'wrong' => true, 'bad' => true, 'fixed' => true, 'repaired' => true, 'mechanic' => true, 'service' => true, 'write' => true, 'tell' => true, 'hold' => true, 'wait' => true];

    /** Said of almost anything, and so believed even where the catalogue does not list it. */
    private const ANYWHERE = [Point::Mounted, Point::Intact, Point::Complete, Point::Locked, Point::NoWelds, Point::Clean, Point::Sealed, Point::RubberOk, Point::NoContaminant];

    /** Fault words that only mean something when denied: oil is no fault of a dipstick. */
    private const ONLY_DENIED = [Point::NoContaminant, Point::NoGap, Point::NoWelds, Point::Clean, Point::Works, Point::NotDragging];

    /** Families whose parts are often listed without an "and": "hangers springs u bolts tight". */
    private const LISTED = ['susp', 'brake', 'wheel', 'steering', 'coupling'];

    /** Words after which a statement no longer belongs to a name. */
    private const FORGET_AFTER = 34;

    /** Words of a row of adjectives. */
    private const ATTRIBUTES = 5;

    private int $lastFault = -100;

    /** @var array<int, true> findings that a statement before their name was given to */
    private array $ahead = [];

    public function __construct(private readonly Topic $topic, private readonly Denial $denial, private readonly bool $namesLast) {}

    /** Whether a statement that stood before this name was given to it. */
    public function wasAhead(int $finding): bool
    {
        return isset($this->ahead[$finding]);
    }

    public function state(Span $span, Statement $statement): void
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
        } elseif ($this->denial->isAt($at - 1) && ! $statement->isFault && ($this->topic->words->text[$at - 1] ?? '') === 'not') {
            return;
        } else {
            $this->denial->end();
        }
        $this->give($span, $statement);
    }

    /** "Bolted on good" says nothing of its shape; "is in good shape" nothing of a pin. */
    private function isHalfAPhrase(Span $span): bool
    {
        $words = implode(' ', array_slice($this->topic->words->text, $span->from, $span->to - $span->from));
        $next = $this->topic->words->text[$span->to] ?? '';

        return match ($words) {
            'good' => $this->topic->words->break[$span->from] === Words::NO_BREAK && ($span->from - $this->topic->lastBackward === 1 || ($span->from - $this->topic->lastBackward === 2 && in_array($this->topic->words->text[$span->from - 1], ['on', 'up', 'down', 'in'], true))),
            // "Attached to my drag link" tells how they hang together.
            'attached' => $next === 'to',
            'is in', 'are in', 'is on', 'are on', 'is down', 'are down' => in_array($next, ['good', 'great', 'place', 'the', 'a', 'my', 'between', 'this', 'its', 'proper', 'working', 'fine', 'okay', 'perfect', 'there'], true),
            'is there', 'are there' => in_array($next, ['any', 'a', 'no', 'anything'], true),
            default => false,
        };
    }

    /** Grease on a U-joint or a skid plate is as it should be; on a drum it is not. */
    private function greaseIsGood(Statement $statement, int $at): Statement
    {
        if (! $statement->isFault || $statement->points[0] !== Point::NoContaminant || $this->topic->group === [] || $this->denial->denies($at) || ! str_starts_with($this->topic->words->text[$at], 'greas')) {
            return $statement;
        }
        $topic = $this->topic->last();

        return $topic->placed->part->points->has(Point::Greased) ? new Statement([Point::Greased], false) : $statement;
    }

    private function isDefect(Span $span): bool
    {
        $text = $this->topic->words->text;
        $before = $text[$span->from - 1] ?? '';
        if (! in_array($before, ['is', 'are', 'a', 'has', 'got', 'was', 'badly', 'little', 'slightly', 'some', 'big'], true)) {
            return false;
        }
        for ($i = max(0, $span->from - 12); $i < min($this->topic->words->count(), $span->to + 12); $i++) {
            if (isset(self::ATTENTION[$text[$i]]) && ! (in_array($text[$i], ['see', 'look', 'find'], true) && in_array($text[$i - 1] ?? '', ['not', 'i', 'to', 'would', 'can'], true) && ! in_array($text[$i + 1] ?? '', ['that', 'a', 'here', 'at'], true))) {
                return true;
            }
        }

        return false;
    }

    private function defect(Span $span): void
    {
        // "A crack in this reflector" is no crack in what was spoken of before.
        [$next, $preposition] = $this->nextName($span) ?? [null, null];
        $group = $this->topic->group;
        $n = $next !== null && $preposition !== null ? $next : ($group === [] ? null : $group[count($group) - 1]);
        if ($n === null || $span->from - $this->topic->findings[$n]->to > self::FORGET_AFTER) {
            return;
        }
        $finding = $this->topic->findings[$n];
        if ($n === $next) {
            $this->ahead[$n] = true;
        }
        $finding->defects[] = implode(' ', array_slice($this->topic->words->text, $span->from, $span->to - $span->from));
        $finding->reach($span->from, $span->to);
        $this->topic->stated = $span->from;
    }

    private function give(Span $span, Statement $statement): void
    {
        if ($this->namesLast) {
            $this->topic->forgetWaiting();
            $this->topic->waiting[] = [$span, $statement];
            $this->topic->stated = $span->from;

            return;
        }
        $ahead = $this->ahead($span, $statement);
        if ($ahead !== null) {
            $part = $this->topic->findings[$ahead]->placed->part;
            $point = self::own($part, $statement) ?? $statement->points[0];
            $this->topic->findings[$ahead]->add($point, $part->points->has($point), $span->from, $span->to);
            $this->ahead[$ahead] = true;

            return;
        }
        $this->topic->lastBackward = $span->to - 1;
        $given = false;
        $spokenOf = $this->spokenOf($span);
        foreach ($spokenOf as $n) {
            $given = $this->giveTo($n, $span, $statement) || $given;
        }
        $given ? $this->topic->fits++ : $this->topic->misfits++;
        if ($given && count($spokenOf) > 1) {
            $this->giveToRest($spokenOf, $span, $statement);
        } elseif (! $given) {
            $this->giveToEarlier($span, $statement);
        }
    }

    /** @return list<int> the findings that a statement here is about */
    private function spokenOf(Span $span): array
    {
        if ($this->topic->group === []) {
            return [];
        }
        $last = $this->topic->last();
        if ($span->from - $last->to > self::FORGET_AFTER) {
            return [];
        }
        $this->topic->stated = $span->from;
        if (count($this->topic->group) === 1) {
            return $this->topic->group;
        }
        // "X and Y is tight" speaks of Y; "are", "all", "none" or no verb at all speak of both.
        $between = array_slice($this->topic->words->text, $last->placed->mention->to, $span->from - $last->placed->mention->to);
        $joint = array_filter($between, static fn (string $word): bool => isset(self::JOINT[$word])) !== [];

        $isOne = in_array('is', array_slice($between, 0, 2), true) || (! in_array($last->placed->part->family(), self::LISTED, true) && ! $this->isLinked());

        return ! $joint && $isOne ? [$this->topic->group[count($this->topic->group) - 1]] : $this->topic->group;
    }

    /** Whether the names of the list are held together by an "and" or a comma. */
    private function isLinked(): bool
    {
        $last = $this->topic->last()->placed->mention->from;
        $before = $this->topic->findings[$this->topic->group[count($this->topic->group) - 2]]->placed->mention->to;
        for ($i = $before; $i <= $last; $i++) {
            if ($this->topic->words->break[$i] === Words::COMMA || ($i < $last && in_array($this->topic->words->text[$i], ['and', 'or', 'with', 'plus'], true))) {
                return true;
            }
        }

        return false;
    }

    public function giveTo(int $n, Span $span, Statement $statement): bool
    {
        $finding = $this->topic->findings[$n];
        $point = self::own($finding->placed->part, $statement);
        // "Hub oil level good" speaks of the level.
        if ($point === Point::Intact && $finding->placed->part->points->has(Point::Level) && $this->topic->words->text[$finding->placed->mention->to - 1] === 'level') {
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
            $finding = $this->topic->findings[$n];
            if (self::own($finding->placed->part, $statement) === null && in_array($statement->points[0], self::ANYWHERE, true)) {
                $finding->add($statement->points[0], false, $span->from, $span->to);
            }
        }
    }

    private function giveToEarlier(Span $span, Statement $statement): void
    {
        $topic = $this->topic->group === [] ? null : $this->topic->last();
        $mayBeTopic = $topic !== null && $span->from - $topic->to <= 6 && in_array($statement->points[0], self::ANYWHERE, true);
        if ($mayBeTopic && in_array($statement->points[0], [Point::Complete, Point::NoWelds, Point::Mounted, Point::Intact], true)) {
            $topic->add($statement->points[0], false, $span->from, $span->to);

            return;
        }
        foreach (array_slice(array_reverse($this->topic->history), 0, 2) as $group) {
            foreach (array_reverse($group) as $n) {
                if ($span->from - $this->topic->findings[$n]->to < 16 && $this->giveTo($n, $span, $statement)) {
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
        $found = $this->nextName($span);
        if ($found === null) {
            return null;
        }
        [$next, $preposition] = $found;
        $topic = $this->topic->group === [] ? null : $this->topic->last();
        $own = self::own($this->topic->findings[$next]->placed->part, $statement) !== null;
        $ofTopic = $topic !== null && self::own($topic->placed->part, $statement) !== null;
        $isNear = $topic !== null && $span->from - $topic->to <= 3 && ! $this->topic->isBrokenBetween($topic->to, $span->from);
        if ($preposition !== null) {
            // "Bolted to the frame": the frame is only where it is fastened.
            $isFastened = $statement->points[0] === Point::Mounted && in_array($preposition, ['to', 'on', 'in', 'with', 'at'], true);

            return $own && ! $isFastened && (! $isNear || ! $ofTopic || $this->topic->words->break[$span->from] >= Words::COMMA) ? $next : null;
        }
        if ($own && $this->isAttribute($span)) {
            return $next;
        }
        $before = $this->topic->words->text[$span->from - 1] ?? '';
        $begins = $this->topic->words->break[$span->from] >= Words::SENTENCE || $this->topic->group === [];

        return $own && ! in_array($before, ['is', 'are', 'be', 'in', 'not', 'was', 'them', 'and', 'has', 'looks'], true) && ($begins || ($statement->points[0] === Point::Colour && ($topic === null || ($topic->points !== [] && (! $ofTopic || isset($topic->points['colour'])))))) ? $next : null;
    }

    /** @return array{int, string|null}|null the finding whose name follows with nothing but little words before it, and the preposition among them */
    private function nextName(Span $span): ?array
    {
        $next = null;
        foreach ($this->topic->findings as $n => $finding) {
            if ($finding->placed->mention->from >= $span->to) {
                $next = $n;
                break;
            }
        }
        if ($next === null) {
            return null;
        }
        $from = $this->topic->findings[$next]->placed->mention->from;
        if ($from - $span->to > 4) {
            return null;
        }
        $preposition = $this->topic->words->text[$from] === 'between' ? 'between' : null;
        $isAttribute = $this->isAttribute($span);
        for ($i = $span->to; $i < $from; $i++) {
            $word = $this->topic->words->text[$i];
            if (isset(self::PREPOSITIONS[$word])) {
                $preposition = $word;
            } elseif (! isset(self::BETWEEN[$word]) && ! ($isAttribute && self::describes($word))) {
                return null;
            }
            if ($this->topic->words->break[$i] >= Words::SENTENCE) {
                return null;
            }
        }
        if ($this->topic->words->break[$from] >= Words::COMMA && $preposition === null) {
            return null;
        }

        return [$next, $preposition];
    }

    /** "I have a fully charged and properly secured extinguisher": what stands between "a" and the name is said of it. */
    private function isAttribute(Span $span): bool
    {
        $text = $this->topic->words->text;
        for ($i = $span->from - 1; $i >= 0 && $span->from - $i <= self::ATTRIBUTES; $i--) {
            if (in_array($text[$i], ['a', 'an'], true)) {
                return true;
            }
            if (! self::describes($text[$i]) || $this->topic->words->break[$i + 1] >= Words::SENTENCE) {
                return false;
            }
        }

        return false;
    }

    /** Whether a word may stand in a row of adjectives. */
    private static function describes(string $word): bool
    {
        return $word === 'and' || preg_match('/..(ly|ed)$/', $word) === 1;
    }

    public static function own(Part $part, Statement $statement): ?Point
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
