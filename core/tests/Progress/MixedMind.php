<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

/** One of three kinds of students: steady ones, those who stand still, and those to whom it comes all at once. */
final class MixedMind implements Mind
{
    private const STEADY = 0;

    private const AT_ONCE = 2;

    private readonly int $kind;

    private float $level;

    private int $attempts = 0;

    private readonly int $turn;

    /** @var list<float> */
    private array $own = [];

    /**
     * @param  list<array{string, string, string}>  $items
     * @param  list<float>  $hard
     */
    public function __construct(array $items, array $hard, Randomizer $by)
    {
        $this->kind = $by->getInt(self::STEADY, self::AT_ONCE);
        $this->turn = $by->getInt(2, 6);
        $this->level = 0.7 + 0.8 * Law::normal($by);
        $sections = $components = [];
        foreach ($items as $i => [, $component, $section]) {
            $sections[$section] ??= 0.5 * Law::normal($by);
            $components[$component] ??= 0.7 * Law::normal($by);
            $this->own[] = $sections[$section] + $components[$component] + 0.6 * Law::normal($by) - $hard[$i];
        }
    }

    public function logits(): array
    {
        return array_map(fn (float $own): float => $this->level + $own, $this->own);
    }

    public function practice(Randomizer $by): void
    {
        $this->attempts++;
        $this->level += match ($this->kind) {
            self::STEADY => 0.3,
            self::AT_ONCE => $this->attempts === $this->turn ? 1.8 : 0.05,
            default => 0.05 * Law::normal($by),
        };
    }

    public function rest(int $days, Randomizer $by): void
    {
        $this->level -= 0.02 * log(1.0 + $days);
    }
}
