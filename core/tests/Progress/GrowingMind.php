<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

final class GrowingMind implements Mind
{
    private float $level;

    private float $rate;

    /** @var list<float> */
    private array $own = [];

    /**
     * @param  list<array{string, string, string}>  $items
     * @param  list<float>  $hard
     */
    public function __construct(array $items, array $hard, Randomizer $by, private ?float $most)
    {
        $this->level = 0.6 + 0.9 * Law::normal($by);
        $this->rate = max(0.02, 0.28 + 0.15 * Law::normal($by));
        $places = $components = [];
        foreach ($items as $i => [$place, $component]) {
            $places[$place] ??= 0.5 * Law::normal($by);
            $components[$component] ??= 0.5 * Law::normal($by);
            $this->own[] = $places[$place] + $components[$component] + 0.8 * Law::normal($by) - $hard[$i];
        }
        $this->most = $most === null ? null : $this->level + $most;
    }

    public function logits(): array
    {
        return array_map(fn (float $own): float => $this->level + $own, $this->own);
    }

    public function practice(Randomizer $by): void
    {
        $this->level += $this->most === null ? $this->rate : 0.35 * max(0.0, $this->most - $this->level);
        foreach ($this->own as $i => $one) {
            $this->own[$i] = 0.93 * $one + 0.25 * Law::normal($by);
        }
    }

    public function rest(int $days, Randomizer $by): void
    {
        $this->level -= 0.04 * log(1.0 + $days);
    }
}
