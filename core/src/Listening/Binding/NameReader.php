<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\EntryKind;
use Pasada\Core\Listening\Span;

/**
 * Tells what part a name plays: a new one, one of a list, an object, a detail of what is spoken of, or one that is
 * waved.
 */
final readonly class NameReader
{
    /** Words between two names of one list. */
    private const LIST_WORDS = [
        'and' => true,
        'the' => true,
        'my' => true,
        'or' => true,
        'with' => true,
        'a' => true,
        'your' => true,
        'our' => true,
        'plus' => true,
        'also' => true,
        'both' => true,
        'upper' => true,
        'lower' => true,
        'front' => true,
        'rear' => true,
        'left' => true,
        'right' => true,
        'inner' => true,
        'outer' => true,
        'then' => true,
        'as' => true,
        'well' => true,
        'an' => true,
        'uh' => true,
        'um' => true,
        'all' => true,
        'of' => true,
        'these' => true,
        'its' => true,
        'on' => true,
    ];

    /** Before a name: it is where something is fastened or happens, and not what is spoken of. */
    private const OBJECT_OF = [
        'to' => true,
        'against' => true,
        'off' => true,
        'from' => true,
        'hit' => true,
        'hits' => true,
        'under' => true,
        'behind' => true,
        'near' => true,
        'by' => true,
        'on' => true,
        'in' => true,
        'of' => true,
        'at' => true,
        'with' => true,
        'between' => true,
        'around' => true,
    ];

    private const MOVES = [
        'on' => true,
        'over' => true,
        'down' => true,
        'move' => true,
        'moving' => true,
        'go' => true,
        'going' => true,
        'back' => true,
        'come' => true,
        'coming' => true,
        'get' => true,
        'next' => true,
        'up' => true,
    ];

    /** Cost, in hundredths, from which a shared name lies too far off to be meant. */
    private const FAR = 150;

    public function __construct(private Topic $topic) {}

    /** "No gap between the skid plate and the apron" */
    public function isSideOfGap(int $n): bool
    {
        $topic = $this->topic->group === [] ? null : $this->topic->last();
        $placed = $this->topic->findings[$n]->placed;
        $away = $topic === null ? 100 : $placed->mention->from - $topic->placed->mention->to;

        return $topic !== null &&
            $topic->placed->part->lends === Point::NoGap &&
            $placed->part->points->has(Point::NoGap) &&
            $placed->part->id !== $topic->placed->part->id &&
            $away <= 7 &&
            in_array($this->topic->wordBefore($placed->mention->from), ['between', 'and'], true);
    }

    /** Whether the same part is among those that are spoken of and nothing was said of them yet. */
    public function isKnown(int $n): bool
    {
        if (
            $this->topic->stated >= $this->topic->findings[$this->topic->group[0]]->placed->mention->from ||
            $this->topic->findings[$n]->placed->mention->from - $this->topic->last()->to > 8
        ) {
            return false;
        }
        foreach ($this->topic->group as $one) {
            if ($this->topic->findings[$one]->placed->key() === $this->topic->findings[$n]->placed->key()) {
                $this->topic->findings[$n]->isNoName = true;

                return true;
            }
        }

        return false;
    }

    /** Words that tell how two parts of the linkage hang together. */
    private const LINK_WORDS = [
        'that' => true,
        'is' => true,
        'attached' => true,
        'connected' => true,
        'connects' => true,
        'to' => true,
        'which' => true,
        'goes' => true,
        'leads' => true,
        'going' => true,
        'into' => true,
        'from' => true,
        'there' => true,
        'by' => true,
    ];

    /** "The pitman arm that's attached to my drag link which goes to the tie rod" */
    public function isLinkage(int $n): bool
    {
        $last = $this->topic->last()->placed;
        $placed = $this->topic->findings[$n]->placed;
        if (
            $last->part->family() !== 'steering' ||
            $placed->part->family() !== 'steering' ||
            $placed->mention->from - $last->mention->to > 7
        ) {
            return false;
        }
        for ($i = $last->mention->to; $i < $placed->mention->from; $i++) {
            if (
                ! isset(self::LIST_WORDS[$this->topic->words->text[$i]]) &&
                ! isset(self::LINK_WORDS[$this->topic->words->text[$i]])
            ) {
                return false;
            }
        }

        return true;
    }

    public function isList(int $from, int $to): bool
    {
        if ($to - $from > 6) {
            return false;
        }
        for ($i = $from; $i < $to; $i++) {
            if (
                ! isset(self::LIST_WORDS[$this->topic->words->text[$i]]) ||
                $this->topic->words->break[$i] >= Words::SENTENCE
            ) {
                return false;
            }
        }

        return $this->topic->words->break[$to] < Words::SENTENCE;
    }

    public function isObject(int $n): bool
    {
        $placed = $this->topic->findings[$n]->placed;
        $at = $placed->mention->from;
        $before = $this->topic->before($at);
        $word = $this->topic->words->text[$before] ?? '';
        // "Under here my drive shaft" points, it does not name where something is fastened.
        if (($this->topic->words->text[$before + 1] ?? '') === 'here') {
            return false;
        }

        // "I release the trailer brake": a step on the way, not the part that is tested.
        if (
            in_array($word, ['release', 'releasing', 'released', 'set', 'setting', 'apply', 'fan', 'fanning'], true) &&
            $this->topic->group !== [] &&
            $placed->part->zone === Zone::Brakes
        ) {
            return true;
        }
        $previous = $this->topic->group === [] ? null : $this->topic->last()->placed->mention;
        // "Hoses leading to the steering box", "gap between the plate and the apron".
        if (
            $previous !== null &&
            $before >= $previous->to &&
            $before - $previous->to <= 1 &&
            in_array($word, ['to', 'from', 'of'], true) &&
            in_array(
                $this->topic->words->text[$before - 1] ?? '',
                [
                    'leading', 'leads', 'going', 'goes', 'coming', 'comes', 'connected', 'running', 'runs', 'off',
                    'attached',
                ],
                true,
            )
        ) {
            return true;
        }
        if ($previous !== null && $before < $previous->to) {
            return false;
        }
        if (
            ! isset(self::OBJECT_OF[$word]) ||
            $this->topic->words->break[$at] >= Words::COMMA ||
            in_array($this->topic->words->text[$before - 1] ?? '', ['is', 'are'], true) ||
            isset(self::MOVES[$this->topic->words->text[$before - 1] ?? '']) ||
            $this->topic->group === []
        ) {
            return false;
        }

        return ($placed->kind === EntryKind::PartWhereFitting && $placed->part->goesWith === []) ||
            ($before > $this->topic->lastBackward &&
                $before - $this->topic->lastBackward <= 2 &&
                ! $this->topic->isBrokenBetween($this->topic->lastBackward, $at));
    }

    /**
     * A shared name that is part of what is spoken of ("all four nuts" of a U-bolt), another word for it ("that's the
     * plate"), or far from where the speaker stands.
     */
    public function isDetail(int $n): bool
    {
        $placed = $this->topic->findings[$n]->placed;
        if ($placed->kind !== EntryKind::PartWhereFitting) {
            return false;
        }
        if ($this->topic->group === []) {
            return $placed->cost >= self::FAR;
        }
        $topic = $this->topic->last();
        $away = $placed->mention->from - $topic->to;
        $before = implode(
            ' ',
            array_slice($this->topic->words->text, max(0, $placed->mention->from - 3), min(3, $placed->mention->from)),
        );

        return $placed->cost >= self::FAR ||
            ($away <= 4 && preg_match('/(that is|which is|called) (the|your|my|a|an)$/', $before) === 1) ||
            ($away < 9 &&
                $placed->part->isHardware &&
                (($placed->part->goesWith === [] &&
                    ($topic->placed->part->points->has(Point::Complete) ||
                        $topic->placed->part->points->includes($placed->part->essential))) ||
                    in_array(
                        $this->topic->wordBefore($placed->mention->from),
                        ['no', 'all', 'missing', 'or', 'any'],
                        true,
                    )) &&
                $topic->placed->standing === $placed->standing &&
                ! $this->topic->isBrokenBetween($topic->to, $placed->mention->from));
    }

    /** "I do not have a ...", "no air horn on this one", "... is not fitted". */
    public function isWaved(Span $span): bool
    {
        $before = implode(' ', array_slice($this->topic->words->text, max(0, $span->from - 5), min(5, $span->from)));
        $after = implode(' ', array_slice($this->topic->words->text, $span->to, 6));

        return (preg_match(
            '/\b(not? (have|got|equipped|fitted)|no|not equipped with|without)( (a|an|any|with|the|with a|one))*$/',
            $before,
        ) === 1 &&
            (preg_match('/\bnot? (have|got|equipped|fitted)/', $before) === 1 ||
                preg_match('/^(on (this|that|the|my)|here|fitted|for this|on it)/', $after) === 1)) ||
            preg_match(
                '/^(is|are)? ?(not (fitted|equipped|applicable|on this|present|installed)|not have|n a\b)/',
                $after,
            ) === 1;
    }
}
