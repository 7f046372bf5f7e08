<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Statement;
use Pasada\Core\Listening\Span;

/**
 * Gives statements to the parts they are about.
 *
 * Most follow the name. They stand before it in "no leaks on the water pump"; a list of names shares what follows it; a
 * statement that is none of the part's at hand may belong to one named shortly before.
 */
final class StatementBinder
{
    private const JOINT = [
        'are' => true,
        'all' => true,
        'both' => true,
        'none' => true,
        'everything' => true,
        'they' => true,
        'them' => true,
        'each' => true,
        'these' => true,
        'every' => true,
        'those' => true,
    ];

    /** Said of almost anything, and so believed even where the catalogue does not list it. */
    private const ANYWHERE = [
        Point::Mounted, Point::Intact, Point::Complete, Point::Locked, Point::NoWelds, Point::Clean, Point::Sealed,
        Point::RubberOk, Point::NoContaminant,
    ];

    /** Fault words that only mean something when denied: oil is no fault of a dipstick. */
    private const ONLY_DENIED = [
        Point::NoContaminant, Point::NoGap, Point::NoWelds, Point::Clean, Point::Works, Point::NotDragging,
    ];

    /** Families whose parts are often listed without an "and": "hangers springs u bolts tight". */
    private const LISTED = ['susp', 'brake', 'wheel', 'steering', 'coupling'];

    /** Words after which a statement no longer belongs to a name. */
    private const FORGET_AFTER = 34;

    private int $lastFault = -100;

    /** @var array<int, true> findings that a statement before their name was given to */
    private array $ahead = [];

    private readonly NameAhead $names;

    public function __construct(
        private readonly Topic $topic,
        private readonly Denial $denial,
        private readonly bool $namesLast,
    ) {
        $this->names = new NameAhead($topic);
    }

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
                $isOnlyDenied = static fn (Point $point): bool => in_array($point, self::ONLY_DENIED, true);
                if (
                    ! $list &&
                    array_filter($statement->points, $isOnlyDenied) !== $statement->points &&
                    Defects::isReported($this->topic->words, $span)
                ) {
                    $this->defect($span);

                    return;
                }
                if ($isOnlyDenied($statement->points[0])) {
                    return;
                }
            }
            $this->denial->goOn($span->to - 1);
            $this->lastFault = $span->to;
        } elseif (
            $this->denial->isAt($at - 1) &&
            ! $statement->isFault &&
            ($this->topic->words->text[$at - 1] ?? '') === 'not'
        ) {
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
            'good' => $this->topic->words->break[$span->from] === Words::NO_BREAK &&
                ($span->from - $this->topic->lastBackward === 1 ||
                    ($span->from - $this->topic->lastBackward === 2 &&
                        in_array($this->topic->words->text[$span->from - 1], ['on', 'up', 'down', 'in'], true))),
            // "Attached to my drag link" tells how they hang together.
            'attached' => $next === 'to',
            'is in', 'are in', 'is on', 'are on', 'is down', 'are down' => in_array(
                $next,
                [
                    'good', 'great', 'place', 'the', 'a', 'my', 'between', 'this', 'its', 'proper', 'working', 'fine',
                    'okay', 'perfect', 'there',
                ],
                true,
            ),
            'is there', 'are there' => in_array($next, ['any', 'a', 'no', 'anything'], true),
            default => false,
        };
    }

    /** Grease on a U-joint or a skid plate is as it should be; on a drum it is not. */
    private function greaseIsGood(Statement $statement, int $at): Statement
    {
        if (
            ! $statement->isFault ||
            $statement->points[0] !== Point::NoContaminant ||
            $this->topic->group === [] ||
            $this->denial->denies($at) ||
            ! str_starts_with($this->topic->words->text[$at], 'greas')
        ) {
            return $statement;
        }
        $topic = $this->topic->last();

        return $topic->placed->part->points->has(Point::Greased) ? new Statement([Point::Greased], false) : $statement;
    }

    private function defect(Span $span): void
    {
        // "A crack in this reflector" is no crack in what was spoken of before.
        [$next, $preposition] = $this->names->next($span) ?? [null, null];
        $group = $this->topic->group;
        $n = $next !== null && $preposition !== null ? $next : ($group === [] ? null : $group[count($group) - 1]);
        if ($n === null || $span->from - $this->topic->findings[$n]->to > self::FORGET_AFTER) {
            return;
        }
        $finding = $this->topic->findings[$n];
        if ($n === $next) {
            $this->ahead[$n] = true;
        }
        $finding->defects[] = implode(
            ' ',
            array_slice($this->topic->words->text, $span->from, $span->to - $span->from),
        );
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
        $ahead = $this->names->about($span, $statement);
        if ($ahead !== null) {
            $part = $this->topic->findings[$ahead]->placed->part;
            $point = $statement->pointOf($part) ?? $statement->points[0];
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
        $between = array_slice(
            $this->topic->words->text,
            $last->placed->mention->to,
            $span->from - $last->placed->mention->to,
        );
        $joint = array_filter($between, static fn (string $word): bool => isset(self::JOINT[$word])) !== [];

        $isOne =
            in_array('is', array_slice($between, 0, 2), true) ||
            (! in_array($last->placed->part->family(), self::LISTED, true) && ! $this->isLinked());

        return ! $joint && $isOne ? [$this->topic->group[count($this->topic->group) - 1]] : $this->topic->group;
    }

    /** Whether the names of the list are held together by an "and" or a comma. */
    private function isLinked(): bool
    {
        $last = $this->topic->last()->placed->mention->from;
        $before = $this->topic->findings[$this->topic->group[count($this->topic->group) - 2]]->placed->mention->to;
        for ($i = $before; $i <= $last; $i++) {
            if (
                $this->topic->words->break[$i] === Words::COMMA ||
                ($i < $last && in_array($this->topic->words->text[$i], ['and', 'or', 'with', 'plus'], true))
            ) {
                return true;
            }
        }

        return false;
    }

    public function giveTo(int $n, Span $span, Statement $statement): bool
    {
        $finding = $this->topic->findings[$n];
        $point = $statement->pointOf($finding->placed->part);
        // "Hub oil level good" speaks of the level.
        if (
            $point === Point::Intact &&
            $finding->placed->part->points->has(Point::Level) &&
            $this->topic->words->text[$finding->placed->mention->to - 1] === 'level'
        ) {
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
            if (
                $statement->pointOf($finding->placed->part) === null &&
                in_array($statement->points[0], self::ANYWHERE, true)
            ) {
                $finding->add($statement->points[0], false, $span->from, $span->to);
            }
        }
    }

    private function giveToEarlier(Span $span, Statement $statement): void
    {
        $topic = $this->topic->group === [] ? null : $this->topic->last();
        $mayBeTopic =
            $topic !== null && $span->from - $topic->to <= 6 && in_array($statement->points[0], self::ANYWHERE, true);
        if (
            $mayBeTopic &&
            in_array($statement->points[0], [Point::Complete, Point::NoWelds, Point::Mounted, Point::Intact], true)
        ) {
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
}
