<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Progress\Model\Normal;

/** One mark of a pass rule: a share of some items, or how many of them may be missed. */
final readonly class Mark
{
    /** Fewer misses than this are counted by Poisson's law, which a bell does not follow there. */
    private const FEW = 6.0;

    private const LITTLE = 0.02;

    /** @param  list<int>  $items */
    private function __construct(
        /** What it is of, in words. */
        public string $of,
        public array $items,
        /** Share that is asked, 0 to 1; null where misses are counted. */
        public ?float $share,
        public int $misses,
    ) {}

    /** @param  list<int>  $items */
    public static function share(string $of, array $items, int $percent): self
    {
        return new self($of, $items, $percent / 100.0, 0);
    }

    /** @param  list<int>  $items */
    public static function misses(string $of, array $items, int $allowed): self
    {
        return new self($of, $items, null, $allowed);
    }

    /** What is asked, in words. */
    public function said(): string
    {
        return match (true) {
            $this->share !== null => sprintf('%d%% of %s', (int) round(100 * $this->share), $this->of),
            $this->misses === 0 => 'all of '.$this->of,
            default => sprintf('at most %d misses of %s', $this->misses, $this->of),
        };
    }

    /**
     * @param  array<int, float>  $chances
     * @param  array<int, float>  $half
     * @param  array<int, float>  $worth
     */
    public function chance(array $chances, array $half, array $worth): float
    {
        return $this->share === null
            ? $this->chanceOfMisses($chances)
            : $this->chanceOfShare($this->share, $chances, $half, $worth);
    }

    /**
     * @param  array<int, int>  $earned  thousandths of each item that was asked, by number
     * @param  array<int, float>  $worth
     */
    public function isMet(array $earned, array $worth): bool
    {
        $sum = $possible = 0.0;
        $missed = 0;
        foreach ($this->items as $i) {
            if (isset($earned[$i])) {
                $sum += $worth[$i] * $earned[$i] / 1000.0;
                $possible += $worth[$i];
                $missed += $earned[$i] < 1000 ? 1 : 0;
            }
        }

        return $this->share === null ? $missed <= $this->misses : $sum >= $this->share * $possible - 1e-9;
    }

    /** @param  array<int, float>  $chances */
    private function chanceOfMisses(array $chances): float
    {
        if ($this->misses === 0) {
            $all = 1.0;
            foreach ($this->items as $i) {
                $all *= $chances[$i];
            }

            return $all;
        }
        $mean = $spread = 0.0;
        foreach ($this->items as $i) {
            $mean += 1.0 - $chances[$i];
            $spread += $chances[$i] * (1.0 - $chances[$i]);
        }
        if ($mean > self::FEW) {
            return Normal::below(($this->misses + 0.5 - $mean) / sqrt(max(1e-9, $spread)));
        }
        $term = exp(-$mean);
        $sum = $term;
        for ($n = 1; $n <= $this->misses; $n++) {
            $term *= $mean / $n;
            $sum += $term;
        }

        return min(1.0, $sum);
    }

    /**
     * @param  array<int, float>  $chances
     * @param  array<int, float>  $half
     * @param  array<int, float>  $worth
     */
    private function chanceOfShare(float $share, array $chances, array $half, array $worth): float
    {
        $mean = $spread = $possible = $step = 0.0;
        foreach ($this->items as $i) {
            [$p, $lost, $w] = [$chances[$i], 1.0 - $half[$i], $worth[$i]];
            $possible += $w;
            $mean += $w * ($p + (1.0 - $p) * $half[$i]);
            $spread += $w * $w * $p * (1.0 - $p) * $lost * $lost;
            $step += $w * $lost;
        }
        if ($possible <= 0.0) {
            return 1.0;
        }
        // Half an item on, since exactly the share is enough.
        $nudge = 0.5 * $step / max(1, count($this->items));

        return Normal::below(($mean + $nudge - $share * $possible) / sqrt(max(1e-6, $spread)));
    }

    /**
     * How much the logarithm of the chance rises with the chance of each item.
     *
     * @param  array<int, float>  $chances
     * @param  array<int, float>  $half
     * @param  array<int, float>  $worth
     * @return array<int, float> by item
     */
    public function pull(array $chances, array $half, array $worth): array
    {
        $pull = [];
        if ($this->share === null && $this->misses === 0) {
            foreach ($this->items as $i) {
                $pull[$i] = 1.0 / max(0.02, $chances[$i]);
            }

            return $pull;
        }
        $here = $this->chance($chances, $half, $worth);
        // All items a little better: what that brings is shared out by what each of them is worth of it.
        $better = $chances;
        $sum = 0.0;
        foreach ($this->items as $i) {
            $better[$i] += self::LITTLE * (1.0 - $chances[$i]);
            $pull[$i] = $this->share === null ? 1.0 : $worth[$i] * (1.0 - $half[$i]);
            $sum += $pull[$i] * (1.0 - $chances[$i]);
        }
        $rise = log(max(1e-6, $this->chance($better, $half, $worth))) - log(max(1e-6, $here));

        return array_map(static fn (float $one): float => $one * $rise / max(1e-9, self::LITTLE * $sum), $pull);
    }
}
