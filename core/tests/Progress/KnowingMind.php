<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

final class KnowingMind implements Mind
{
    /** Logit of a slip of somebody who knows, and of a guess of somebody who does not. */
    private const KNOWS = 2.9;

    private const GUESSES = -1.6;

    /** @var list<bool> */
    private array $knows = [];

    /** @var list<string> */
    private array $components = [];

    private float $rate;

    /**
     * @param  list<array{string, string, string}>  $items
     * @param  list<float>  $hard
     */
    public function __construct(array $items, array $hard, Randomizer $by)
    {
        $level = 0.2 + 0.9 * Law::normal($by);
        $this->rate = min(0.6, max(0.05, 0.22 + 0.09 * Law::normal($by)));
        $components = [];
        foreach ($items as $i => [, $component]) {
            $components[$component] ??= 0.8 * Law::normal($by);
            $this->components[] = $component;
            $this->knows[] = $by->getInt(0, 999) < 1000 / (1.0 + exp(-$level - $components[$component] + $hard[$i]));
        }
    }

    public function logits(): array
    {
        return array_map(static fn (bool $one): float => $one ? self::KNOWS : self::GUESSES, $this->knows);
    }

    public function practice(Randomizer $by): void
    {
        $known = [];
        foreach ($this->knows as $i => $one) {
            $known[$this->components[$i]] = ($known[$this->components[$i]] ?? false) || $one;
        }
        foreach ($this->knows as $i => $one) {
            $rate = $this->rate * ($known[$this->components[$i]] ? 1.5 : 1.0);
            $this->knows[$i] = $one || $by->getInt(0, 999) < 1000 * $rate;
        }
    }

    public function rest(int $days, Randomizer $by): void
    {
        $lost = 1.0 - exp(-$days / 120.0);
        foreach ($this->knows as $i => $one) {
            $this->knows[$i] = $one && $by->getInt(0, 9999) >= 10_000 * $lost;
        }
    }
}
