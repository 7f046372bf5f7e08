<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Lexicon\Statement;
use Pasada\Core\Listening\Span;

/** What is spoken of while the words are gone through: the names at hand, those before, and what waits for a name. */
final class Topic
{
    private const LITTLE = [
        'the' => true,
        'my' => true,
        'any' => true,
        'this' => true,
        'these' => true,
        'both' => true,
        'all' => true,
        'your' => true,
        'our' => true,
        'a' => true,
        'an' => true,
        'either' => true,
        'here' => true,
        'that' => true,
        'those' => true,
        'two' => true,
        'three' => true,
        'five' => true,
        'four' => true,
    ];

    /** @var list<int> the names that are spoken of now */
    public array $group = [];

    /** @var list<list<int>> the groups before, the latest last */
    public array $history = [];

    /** Word of the last statement or figure. */
    public int $stated = -1;

    /** Last word of the last statement that was given to what stood before it. */
    public int $lastBackward = -100;

    /** @var list<array{Span, Statement}> statements that wait for the name they belong to */
    public array $waiting = [];

    /** @var list<Quantity> figures that wait likewise */
    public array $waitingFigures = [];

    public bool $named = false;

    /** Statements of which no part at hand is asked. */
    public int $misfits = 0;

    public int $fits = 0;

    /** @param  list<Finding>  $findings */
    public function __construct(public readonly Words $words, public array $findings) {}

    /** The name that is spoken of; of a list, the last. Only where there is one. */
    public function last(): Finding
    {
        return $this->findings[$this->group[count($this->group) - 1]];
    }

    public function wordBefore(int $at): string
    {
        return $this->words->text[$this->before($at)] ?? '';
    }

    /** Index of the word before, articles and the like passed over. */
    public function before(int $at): int
    {
        $before = $at - 1;
        while ($before > 0 && self::isLittle($this->words->text[$before])) {
            $before--;
        }

        return $before;
    }

    /** Articles, pointing words and counts: they may stand between a statement and its name. */
    public static function isLittle(string $word): bool
    {
        return isset(self::LITTLE[$word]);
    }

    public function isBrokenBetween(int $from, int $to): bool
    {
        for ($i = max(0, $from); $i <= $to && $i < $this->words->count(); $i++) {
            if ($this->words->break[$i] >= Words::SENTENCE) {
                return true;
            }
        }

        return false;
    }

    /** The first statement after a name is about the next one. */
    public function forgetWaiting(): void
    {
        if ($this->named) {
            [$this->waiting, $this->waitingFigures, $this->named] = [[], [], false];
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
}
