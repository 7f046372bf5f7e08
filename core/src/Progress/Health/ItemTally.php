<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Health;

use Pasada\Core\Scoring\ItemStatus;

/** How one item went in many attempts: sums alone, so that tallies add up in any order and can be taken away again. */
final readonly class ItemTally
{
    /** @param  list<int>  $sums  as sums() gives them */
    private function __construct(private array $sums) {}

    /** @param  list<int>  $sums  as sums() gives them; what is not there counts as nought */
    public static function of(array $sums): self
    {
        return new self(array_pad($sums, 7, 0));
    }

    /** @param  int  $share  thousandths of its items that the whole attempt earned */
    public static function one(ItemStatus $status, int $earned, int $possible, int $share): self
    {
        $fitted = $status === ItemStatus::NotFitted ? 0 : 1;
        $missed = $status->isLesson() ? 1 : 0;
        if ($possible <= 0 || ! $status->isAsked()) {
            return new self([$fitted, $missed, 0, 0, 0, 0, 0]);
        }
        $whole = $earned >= $possible ? 1 : 0;

        return new self([$fitted, $missed, 1, $whole, $share, $whole * $share, $share * $share]);
    }

    /** @return list<int> for storing: whoever reads them may add them up place by place */
    public function sums(): array
    {
        return $this->sums;
    }

    /** Attempts on a vehicle that has it. */
    public function fitted(): int
    {
        return $this->sums[0];
    }

    /** Attempts in which there was something to learn from it. */
    public function missed(): int
    {
        return $this->sums[1];
    }

    /** Attempts that reached it and in which it was worth something. */
    public function asked(): int
    {
        return $this->sums[2];
    }

    /** Those of them in which it earned all that it is worth. */
    public function whole(): int
    {
        return $this->sums[3];
    }

    public function shareOfWhole(): float
    {
        return $this->whole() / max(1, $this->asked());
    }

    /** Point-biserial correlation (Pearson's) of its being earned whole with the share that the attempt earned. */
    public function correlation(): float
    {
        [, , $n, $whole, $shares, $ofWhole, $squares] = $this->sums;
        if ($n === 0) {
            return 0.0;
        }
        $both = $ofWhole - $whole * $shares / $n;
        $spread = ($whole - $whole ** 2 / $n) * ($squares - $shares ** 2 / $n);

        return $both / sqrt(max(1e-9, $spread));
    }
}
