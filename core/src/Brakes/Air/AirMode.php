<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

/**
 * How air flows while nothing switches: with the valves, leaks and compressor as they are, every pressure changes in
 * proportion to the pressures, so that the course over any time is one matrix, exactly.
 *
 * The state is seven pressures in psi (supply, primary, secondary, trailer, and the three chambers) and a one for what
 * does not depend on them.
 */
final class AirMode
{
    public const SIZE = 8;

    /** Terms of the series of a thousandth of a second; what follows is smaller than the numbers can tell. */
    private const TERMS = 8;

    /** @var array<int, list<list<float>>> by duration in grid steps */
    private array $matrices = [];

    /**
     * @param  list<list<float>>  $rates  change of each pressure in psi a second for a psi of each, and in the last
     *   column for itself
     * @param  float  $gridSeconds  the shortest duration
     */
    public function __construct(private readonly array $rates, private readonly float $gridSeconds) {}

    /**
     * The pressures after a time.
     *
     * @param  list<float>  $state
     * @param  int  $steps  of the grid; few different ones, for each is kept
     * @return list<float>
     */
    public function after(array $state, int $steps): array
    {
        [$a, $b, $c, $d, $e, $f, $g] = $state;
        $after = [];
        foreach ($this->matrices[$steps] ?? $this->matrix($steps) as $row) {
            $after[] =
                $row[0] * $a +
                $row[1] * $b +
                $row[2] * $c +
                $row[3] * $d +
                $row[4] * $e +
                $row[5] * $f +
                $row[6] * $g +
                $row[7];
        }
        $after[] = 1.0;

        return $after;
    }

    /** @return list<list<float>> the rows of the seven pressures */
    private function matrix(int $steps): array
    {
        if ($steps === 1) {
            return $this->matrices[1] = $this->series();
        }
        // Of two parts, the first a power of two.
        $first = 1;
        while ($first * 2 < $steps) {
            $first *= 2;
        }
        $whole = fn (int $part): array => [
            ...$this->matrices[$part] ?? $this->matrix($part),
            [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 1.0],
        ];

        return $this->matrices[$steps] = array_slice(
            self::product($whole($steps - $first), $whole($first)),
            0,
            self::SIZE - 1,
        );
    }

    /** @return list<list<float>> */
    private function series(): array
    {
        $scaled = array_map(
            fn (array $row): array => array_map(fn (float $rate): float => $rate * $this->gridSeconds, $row),
            [...$this->rates, array_fill(0, self::SIZE, 0.0)],
        );
        $sum = $term = self::identity();
        for ($n = 1; $n <= self::TERMS; $n++) {
            $term = array_map(
                static fn (array $row): array => array_map(static fn (float $of): float => $of / $n, $row),
                self::product($term, $scaled),
            );
            $sum = array_map(
                static fn (array $a, array $b): array => array_map(
                    static fn (float $x, float $y): float => $x + $y,
                    $a,
                    $b,
                ),
                $sum,
                $term,
            );
        }

        return array_slice($sum, 0, self::SIZE - 1);
    }

    /** @return list<list<float>> */
    private static function identity(): array
    {
        $rows = [];
        for ($n = 0; $n < self::SIZE; $n++) {
            $row = array_fill(0, self::SIZE, 0.0);
            $row[$n] = 1.0;
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @param  list<list<float>>  $left
     * @param  list<list<float>>  $right
     * @return list<list<float>>
     */
    private static function product(array $left, array $right): array
    {
        $columns = array_map(null, ...$right);
        $rows = [];
        foreach ($left as $row) {
            $of = [];
            foreach ($columns as $column) {
                $sum = 0.0;
                foreach ($row as $n => $value) {
                    $sum += $value * $column[$n];
                }
                $of[] = $sum;
            }
            $rows[] = $of;
        }

        return $rows;
    }
}
