<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

final class StagedMind implements Mind
{
    /** @var array<string, float> how far each place is learnt */
    private array $places = [];

    /** @var list<array{string, float}> place and what is peculiar, by item */
    private array $own = [];

    private float $rate;

    /**
     * @param  list<array{string, string, string}>  $items
     * @param  list<float>  $hard
     */
    public function __construct(array $items, array $hard, Randomizer $by)
    {
        $this->rate = max(0.4, 1.6 + 0.5 * Law::normal($by));
        foreach ($items as $i => [$place]) {
            $this->places[$place] ??= -0.2 + 0.5 * Law::normal($by);
            $this->own[] = [$place, 0.6 * Law::normal($by) - 0.7 * $hard[$i]];
        }
    }

    public function logits(): array
    {
        return array_map(fn (array $one): float => $this->places[$one[0]] + $one[1], $this->own);
    }

    /** The next few places that are not learnt yet get all the work. */
    public function practice(Randomizer $by): void
    {
        $left = 6;
        foreach ($this->places as $place => $level) {
            if ($level < 2.2 && $left > 0) {
                $this->places[$place] += $this->rate;
                $left--;
            }
        }
    }

    public function rest(int $days, Randomizer $by): void
    {
        foreach ($this->places as $place => $level) {
            $this->places[$place] = $level - 0.03 * log(1.0 + $days) * max(0.0, $level);
        }
    }
}
