<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

/** How good forecasts were, beside two that need no model. */
final class Scores
{
    /** @var list<array{float, array{float, float}, float, bool, bool, float}> */
    private array $all = [];

    /** @param  array{float, float}  $interval */
    public function add(
        float $chance, array $interval, float $true, bool $isPassed, bool $passedLast, float $lastShare,
    ): void {
        $this->all[] = [$chance, $interval, $true, $isPassed, $passedLast, $lastShare];
    }

    /** Mean square of what the forecast missed: G. W. Brier, Monthly Weather Review 78 (1950). */
    public function brier(): float
    {
        return $this->mean(static fn (array $one): float => ($one[0] - ($one[3] ? 1.0 : 0.0)) ** 2);
    }

    public function brierOfLastTime(): float
    {
        return $this->mean(static fn (array $one): float => $one[4] === $one[3] ? 0.0 : 1.0);
    }

    /** A logistic curve on the share of the last attempt, fitted to the very results that it is judged by. */
    public function brierOfLastShare(): float
    {
        [$a, $b] = [0.0, 1.0];
        for ($n = 0; $n < 4000; $n++) {
            [$da, $db] = [0.0, 0.0];
            foreach ($this->all as $one) {
                $x = 10.0 * ($one[5] - 0.8);
                $p = 1.0 / (1.0 + exp(-$a - $b * $x));
                $da += ($one[3] ? 1.0 : 0.0) - $p;
                $db += (($one[3] ? 1.0 : 0.0) - $p) * $x;
            }
            $a += 0.02 * $da;
            $b += 0.02 * $db;
        }

        return $this->mean(static fn (array $one): float => (
            1.0 / (1.0 + exp(-$a - $b * 10.0 * ($one[5] - 0.8))) - ($one[3] ? 1.0 : 0.0)
        ) ** 2);
    }

    /** How good a forecast that knew the truth would have been: no other can be counted on to be better. */
    public function brierOfTruth(): float
    {
        return $this->mean(static fn (array $one): float => ($one[2] - ($one[3] ? 1.0 : 0.0)) ** 2);
    }

    /** Of forecasts put in five equal groups: how far their mean is from the true chance of the group, on average. */
    public function calibration(): float
    {
        $all = $this->all;
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $error = 0.0;
        foreach (array_chunk($all, max(1, intdiv(count($all), 5))) as $group) {
            $error += abs(array_sum(array_column($group, 0)) - array_sum(array_column($group, 2)));
        }

        return $error / max(1, count($all));
    }

    /** How often the interval holds the true chance. */
    public function held(): float
    {
        return $this->mean(static fn (array $one): float => $one[2] >= $one[1][0] - 0.01 && $one[2] <= $one[1][1] + 0.01
            ? 1.0 : 0.0);
    }

    public function said(): string
    {
        $passed = $this->mean(static fn (array $one): float => $one[2]);

        return sprintf(
            'Brier %.3f (truth %.3f, last time %.3f, last share %.3f), off %.3f, held %.2f, passed %.2f',
            $this->brier(), $this->brierOfTruth(), $this->brierOfLastTime(), $this->brierOfLastShare(),
            $this->calibration(), $this->held(), $passed,
        );
    }

    /** @param  callable(array{float, array{float, float}, float, bool, bool, float}): float  $of */
    private function mean(callable $of): float
    {
        return array_sum(array_map($of, $this->all)) / max(1, count($this->all));
    }
}
