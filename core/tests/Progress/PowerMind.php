<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

final class PowerMind implements Mind
{
    private int $times = 0;

    private float $rested = 0.0;

    private float $power;

    /** @var list<float> */
    private array $own = [];

    /**
     * @param  list<array{string, string, string}>  $items
     * @param  list<float>  $hard
     */
    public function __construct(array $items, array $hard, Randomizer $by)
    {
        $this->power = max(0.15, 0.75 + 0.25 * Law::normal($by));
        $level = 0.4 + 0.8 * Law::normal($by);
        $sections = [];
        foreach ($items as $i => [, , $section]) {
            $sections[$section] ??= 0.6 * Law::normal($by);
            $this->own[] = $level + $sections[$section] + 0.9 * Law::normal($by) - $hard[$i];
        }
    }

    public function logits(): array
    {
        // The odds of an error fall with the power of the attempts, and rise again with that of the days.
        $gain = $this->power * log(1.0 + $this->times) - 0.12 * log(1.0 + $this->rested);

        return array_map(static fn (float $own): float => $own + $gain, $this->own);
    }

    public function practice(Randomizer $by): void
    {
        $this->times++;
        $this->rested = 0.0;
    }

    public function rest(int $days, Randomizer $by): void
    {
        $this->rested += $days;
    }
}
