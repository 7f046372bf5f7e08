<?php

declare(strict_types=1);

namespace Pasada\Core\Progress;

use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;

/**
 * How far two scorers of one walk agree, item by item, and how much of that is more than chance.
 *
 * Cohen's kappa: J. Cohen, "A coefficient of agreement for nominal scales", Educational and Psychological Measurement
 * 20 (1960). Two judge the same where both give an item all, both some, or both none of its worth, or both wave it.
 */
final readonly class Agreement
{
    /** @param  list<string>  $differing  ids of the items judged differently, in walking order */
    private function __construct(
        public int $items,
        public int $agreed,
        public array $differing,
        /**
         * In thousandths, rounded towards nothing; null where both put every item in the same class, which chance does,
         * too.
         */
        public ?int $kappaPermille,
        /** Items of which the first gave more of the worth than the other, less those of which it gave less. */
        public int $more,
    ) {}

    /**
     * Of two sheets of the same items. Left out are an item that only one of them asks, and one at a place that the
     * student reached on neither: two scorers who both wrote nothing there have judged nothing.
     */
    public static function between(ScoreSheet $one, ScoreSheet $other): self
    {
        $reached = [];
        foreach ([...$one->walk->visits, ...$other->walk->visits] as $visit) {
            $reached[$visit->place] = true;
        }
        $counts = [];
        $differing = [];
        $items = $more = 0;
        foreach ($one->outcomes as $id => $outcome) {
            $theirs = $other->outcomes[$id] ?? null;
            if (
                $theirs === null ||
                (! isset($reached[$outcome->item->place]) && $outcome->hearing === null && $theirs->hearing === null)
            ) {
                continue;
            }
            [$a, $b] = [self::class($outcome), self::class($theirs)];
            $counts[$a][0] = ($counts[$a][0] ?? 0) + 1;
            $counts[$b][1] = ($counts[$b][1] ?? 0) + 1;
            $items++;
            $more += $outcome->earned <=> $theirs->earned;
            if ($a !== $b) {
                $differing[] = $id;
            }
        }
        $agreed = $items - count($differing);
        $chance = array_sum(array_map(static fn (array $count): int => ($count[0] ?? 0) * ($count[1] ?? 0), $counts));
        $span = $items * $items - $chance;

        return new self(
            $items,
            $agreed,
            $differing,
            $span === 0 ? null : intdiv(1000 * ($agreed * $items - $chance), $span),
            $more,
        );
    }

    /** Items in 100 of which the first gave more than the other, less those of which it gave less. */
    public function moreOf100(): float
    {
        return $this->items === 0 ? 0.0 : 100.0 * $this->more / $this->items;
    }

    /** Share of items judged the same, in thousandths, rounded down. */
    public function agreedPermille(): int
    {
        return $this->items === 0 ? 0 : intdiv(1000 * $this->agreed, $this->items);
    }

    /**
     * Kappa in words, after J. R. Landis and G. G. Koch, "The measurement of observer agreement for categorical data",
     * Biometrics 33 (1977).
     */
    public function said(): string
    {
        if ($this->kappaPermille === null) {
            return 'chance alone would agree as well, so there is no more to say';
        }

        return sprintf(
            '%s (kappa %s%d.%02d)',
            match (true) {
                $this->kappaPermille > 800 => 'almost perfect',
                $this->kappaPermille > 600 => 'substantial',
                $this->kappaPermille > 400 => 'moderate',
                $this->kappaPermille > 200 => 'fair',
                $this->kappaPermille >= 0 => 'slight',
                default => 'less than chance',
            },
            $this->kappaPermille < 0 ? '-' : '',
            intdiv(abs($this->kappaPermille), 1000),
            intdiv(abs($this->kappaPermille) % 1000, 10),
        );
    }

    private static function class(ItemOutcome $outcome): string
    {
        return match (true) {
            $outcome->status === ItemStatus::NotFitted => 'waved',
            $outcome->isEarned() => 'all',
            $outcome->earned > 0 || $outcome->bonus > 0 => 'some',
            default => 'none',
        };
    }
}
