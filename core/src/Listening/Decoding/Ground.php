<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Language\Words;

/** The words of a walk with running counts, so that what stands between two places is known at once. */
final readonly class Ground
{
    /** Words by which a statement is of all that were named. */
    private const JOINT = [
        'all' => true, 'both' => true, 'none' => true, 'everything' => true, 'each' => true, 'every' => true,
        'neither' => true, 'whole' => true, 'lot' => true,
    ];

    /** Words by which a statement is of several, or of one that has a plural name. */
    private const PLURAL = [
        'are' => true, 'they' => true, 'them' => true, 'these' => true, 'those' => true, 'their' => true, 'em' => true,
    ];

    /** Words between two names of one list. */
    private const LISTING = [
        'and' => true, 'the' => true, 'my' => true, 'or' => true, 'with' => true, 'a' => true, 'your' => true,
        'our' => true, 'plus' => true, 'also' => true, 'both' => true, 'upper' => true, 'lower' => true,
        'front' => true, 'rear' => true, 'left' => true, 'right' => true, 'inner' => true, 'outer' => true,
        'then' => true, 'as' => true, 'well' => true, 'an' => true, 'uh' => true, 'um' => true, 'all' => true,
        'of' => true, 'these' => true, 'its' => true, 'on' => true, 'top' => true, 'bottom' => true,
    ];

    /** Articles, pointing words and counts: they may stand between a statement and its name. */
    private const LITTLE = [
        'the' => true, 'my' => true, 'any' => true, 'this' => true, 'these' => true, 'both' => true, 'all' => true,
        'your' => true, 'our' => true, 'a' => true, 'an' => true, 'either' => true, 'here' => true, 'that' => true,
        'those' => true, 'two' => true, 'three' => true, 'five' => true, 'four' => true, 'their' => true, 'its' => true,
    ];

    /**
     * @param  list<int>  $stops  how many sentences ended before each word
     * @param  list<int>  $commas  likewise
     * @param  list<int>  $joint  how many joint words stand before each word
     * @param  list<int>  $plural  likewise words of a plural
     * @param  list<int>  $other  how many words stand before each that are none of a list
     */
    private function __construct(
        public Words $words, private array $stops, private array $commas, private array $joint,
        private array $plural, private array $other,
    ) {}

    public static function of(Words $words): self
    {
        $stops = $commas = $joint = $plural = $other = [];
        $counts = [0, 0, 0, 0, 0];
        foreach ($words->text as $i => $word) {
            $counts[0] += $words->break[$i] >= Words::SENTENCE ? 1 : 0;
            $counts[1] += $words->break[$i] === Words::COMMA ? 1 : 0;
            [$stops[], $commas[], $joint[], $other[], $plural[]] = $counts;
            $counts[2] += isset(self::JOINT[$word]) ? 1 : 0;
            $counts[4] += isset(self::PLURAL[$word]) ? 1 : 0;
            $counts[3] += isset(self::LISTING[$word]) ? 0 : 1;
        }

        return new self(
            $words, [...$stops, $counts[0]], [...$commas, $counts[1]], [...$joint, $counts[2]],
            [...$plural, $counts[4]], [...$other, $counts[3]],
        );
    }

    /** Sentences that end from before the word at one index to before that at another. */
    public function stopsBetween(int $from, int $to): int
    {
        return $to < $from ? 0 : $this->stops[$to] - ($from > 0 ? $this->stops[$from - 1] : 0);
    }

    public function commasBetween(int $from, int $to): int
    {
        return $to < $from ? 0 : $this->commas[$to] - ($from > 0 ? $this->commas[$from - 1] : 0);
    }

    public function jointBetween(int $from, int $to): int
    {
        return $to <= $from ? 0 : $this->joint[$to] - $this->joint[$from];
    }

    public function pluralBetween(int $from, int $to): int
    {
        return $to <= $from ? 0 : $this->plural[$to] - $this->plural[$from];
    }

    /** Words between that do not stand in a list. */
    public function otherBetween(int $from, int $to): int
    {
        return $to <= $from ? 0 : $this->other[$to] - $this->other[$from];
    }

    public function isStop(int $at): bool
    {
        return ($this->words->break[$at] ?? Words::SENTENCE) >= Words::SENTENCE;
    }

    public function word(int $at): string
    {
        return $this->words->text[$at] ?? '';
    }

    public static function isLittle(string $word): bool
    {
        return isset(self::LITTLE[$word]);
    }

    /** Index of the word before, articles and the like passed over. */
    public function before(int $at): int
    {
        $before = $at - 1;
        while ($before > 0 && isset(self::LITTLE[$this->words->text[$before]])) {
            $before--;
        }

        return $before;
    }
}
