<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring\Order;

/** Longest strictly increasing subsequence by patience sorting: n log n. */
final readonly class LongestIncreasing
{
    /**
     * The places (indexes, ascending) of one longest increasing subsequence; of several equally long ones
     * always the same.
     *
     * @param  list<int>  $values
     * @return list<int>
     */
    public static function places(array $values): array
    {
        /** @var list<int> $tails index of the smallest last value of a run of each length */
        $tails = [];
        $before = [];
        foreach ($values as $place => $value) {
            $high = count($tails);
            // Most come in their turn: behind all others.
            $low = $high > 0 && $values[$tails[$high - 1]] < $value ? $high : 0;
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                if ($values[$tails[$middle]] < $value) {
                    $low = $middle + 1;
                } else {
                    $high = $middle;
                }
            }
            $before[$place] = $low > 0 ? $tails[$low - 1] : -1;
            $tails[$low] = $place;
        }
        $run = [];
        for ($place = $tails === [] ? -1 : $tails[count($tails) - 1]; $place >= 0; $place = $before[$place]) {
            $run[] = $place;
        }

        return array_reverse($run);
    }
}
