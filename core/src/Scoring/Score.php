<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** Sums of units over some items, with how many of them stand how. */
final readonly class Score
{
    /** @param  array<string, int>  $counts  items by status value; every status is present */
    private function __construct(public int $earned, public int $possible, public int $reachable, public array $counts) {}

    /** @param  iterable<ItemOutcome>  $outcomes */
    public static function of(iterable $outcomes): self
    {
        $earned = $possible = $reachable = 0;
        $counts = [];
        foreach (ItemStatus::cases() as $status) {
            $counts[$status->value] = 0;
        }
        foreach ($outcomes as $outcome) {
            $earned += $outcome->earned;
            $possible += $outcome->possible;
            $reachable += $outcome->reachable;
            $counts[$outcome->status->value]++;
        }

        return new self($earned, $possible, $reachable, $counts);
    }

    public function reaches(int $percent): bool
    {
        return $this->earned * 100 >= $percent * $this->possible;
    }

    public function canReach(int $percent): bool
    {
        return $this->reachable * 100 >= $percent * $this->possible;
    }

    /** Items that are asked of this vehicle: all but those waved. */
    public function asked(): int
    {
        return array_sum($this->counts) - $this->counts[ItemStatus::NotFitted->value];
    }

    /** Items that did not earn all they are worth. */
    public function misses(): int
    {
        return $this->asked() - $this->counts[ItemStatus::Whole->value];
    }

    /** Share earned in tenths of a percent, rounded down, so that 79.96 % never reads as the 80 that passes. */
    public function permille(): int
    {
        return $this->possible === 0 ? 0 : intdiv($this->earned * 1000, $this->possible);
    }
}
