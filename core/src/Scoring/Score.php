<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** Sums of units over some items, with how many of them stand how. */
final readonly class Score
{
    /** @param  array<string, int>  $counts  items by status value; every status is present */
    private function __construct(
        /** Extra credit included, but never above what is possible. */
        public int $earned,
        public int $possible,
        /** The most that can still be earned, extra credit included, but never above what is possible. */
        public int $reachable,
        /** Extra credit that was earned, counted or not. */
        public int $bonus,
        public array $counts,
        /** Items that are asked and count; all parts of the light check are one. */
        public int $asked,
        /** Of those, how many earned all they are worth. */
        public int $whole,
        /** Of those, how many can no longer do so. */
        public int $lost,
        /** What items weigh that were waved off the list and would be asked again if they were spoken of. */
        private int $waved,
    ) {}

    /** @param  iterable<ItemOutcome>  $outcomes */
    public static function of(iterable $outcomes): self
    {
        $earned = $possible = $reachable = $bonus = $more = $waved = 0;
        $counts = [];
        foreach (ItemStatus::cases() as $status) {
            $counts[$status->value] = 0;
        }
        // Of what is asked as one thing, all of it has to be earned, and one miss of it is one miss.
        $lacking = $lostOf = [];
        foreach ($outcomes as $outcome) {
            $earned += $outcome->earned;
            $possible += $outcome->possible;
            $reachable += $outcome->reachable;
            $bonus += $outcome->bonus;
            $more += $outcome->reachableBonus;
            // What weighs nothing counts for nothing.
            $counts[$outcome->status->value] += $outcome->item->weight > 0 ? 1 : 0;
            if ($outcome->counts()) {
                $question = $outcome->item->question();
                $lacking[$question] = ($lacking[$question] ?? false) || ! $outcome->isEarned();
                $lostOf[$question] = ($lostOf[$question] ?? false) || $outcome->isLost();
            } elseif ($outcome->status === ItemStatus::NotFitted) {
                $waved += Credit::possible($outcome->item);
            }
        }

        return new self(
            min($possible, $earned + $bonus), $possible, min($possible, $reachable + $more), $bonus, $counts,
            count($lacking), count($lacking) - count(array_filter($lacking)), count(array_filter($lostOf)), $waved,
        );
    }

    public function reaches(int $percent): bool
    {
        return $this->earned * 100 >= $percent * $this->possible;
    }

    public function canReach(int $percent): bool
    {
        return ($this->reachable + $this->waved) * 100 >= $percent * ($this->possible + $this->waved);
    }

    /** Units that lack for a share; 0 where it is reached. */
    public function short(int $percent): int
    {
        return max(0, intdiv($percent * $this->possible + 99, 100) - $this->earned);
    }

    /** Items that did not earn all they are worth. */
    public function misses(): int
    {
        return $this->asked - $this->whole;
    }

    /** Share earned in tenths of a percent, rounded down, so that 79.96 % never reads as the 80 that passes. */
    public function permille(): int
    {
        return $this->possible === 0 ? 0 : intdiv($this->earned * 1000, $this->possible);
    }
}
