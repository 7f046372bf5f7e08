<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Statement;
use Pasada\Core\Listening\Span;

/** Finds the name that a statement stands before: "no leaks on the water pump", "a properly secured extinguisher". */
final readonly class NameAhead
{
    private const PREPOSITIONS = [
        'on' => true,
        'in' => true,
        'at' => true,
        'from' => true,
        'around' => true,
        'of' => true,
        'inside' => true,
        'under' => true,
        'for' => true,
        'with' => true,
        'to' => true,
        'along' => true,
    ];

    /** Words of a row of adjectives. */
    private const ATTRIBUTES = 5;

    public function __construct(private Topic $topic) {}

    /** The name right after a statement that is about it; null where the statement is about what was named before. */
    public function about(Span $span, Statement $statement): ?int
    {
        $found = $this->next($span);
        if ($found === null) {
            return null;
        }
        [$next, $preposition] = $found;
        $topic = $this->topic->group === [] ? null : $this->topic->last();
        $own = $statement->pointOf($this->topic->findings[$next]->placed->part) !== null;
        $ofTopic = $topic !== null && $statement->pointOf($topic->placed->part) !== null;
        $isNear = $topic !== null && $span->from - $topic->to <= 3
            && ! $this->topic->isBrokenBetween($topic->to, $span->from);
        if ($preposition !== null) {
            // "Bolted to the frame": the frame is only where it is fastened.
            $isFastened =
                $statement->points[0] === Point::Mounted &&
                in_array($preposition, ['to', 'on', 'in', 'with', 'at'], true);

            return $own &&
                ! $isFastened &&
                (! $isNear || ! $ofTopic || $this->topic->words->break[$span->from] >= Words::COMMA)
                ? $next
                : null;
        }
        if ($own && $this->isAttribute($span)) {
            return $next;
        }
        $before = $this->topic->words->text[$span->from - 1] ?? '';
        $begins = $this->topic->words->break[$span->from] >= Words::SENTENCE || $this->topic->group === [];

        return $own &&
            ! in_array($before, ['is', 'are', 'be', 'in', 'not', 'was', 'them', 'and', 'has', 'looks'], true) &&
            ($begins ||
                ($statement->points[0] === Point::Colour &&
                    ($topic === null || ($topic->points !== [] && (! $ofTopic || isset($topic->points['colour']))))))
            ? $next
            : null;
    }

    /**
     * @return array{int, string|null}|null the finding whose name follows with nothing but little words before it, and
     *   the preposition among them
     */
    public function next(Span $span): ?array
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
            } elseif (! Topic::isLittle($word) && ! ($isAttribute && self::describes($word))) {
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

    /**
     * "I have a fully charged and properly secured extinguisher": what stands between "a" and the name is said of it.
     */
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
}
