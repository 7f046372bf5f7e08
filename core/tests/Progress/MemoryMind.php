<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

/** Every item has a memory of its own that fades by the days, and the slower the more often it was practiced. */
final class MemoryMind implements Mind
{
    /** Logit of somebody who remembers nothing, and what a fresh memory adds. */
    private const NOTHING = -1.4;

    private const FRESH = 4.6;

    /** @var list<float> days in which a memory fades to a third */
    private array $stays = [];

    /** @var list<float> days since it was practiced last */
    private array $since = [];

    /** @var list<float> */
    private array $hard;

    private float $diligence;

    /**
     * @param  list<array{string, string, string}>  $items
     * @param  list<float>  $hard
     */
    public function __construct(array $items, array $hard, Randomizer $by)
    {
        $this->hard = $hard;
        $this->diligence = max(0.1, min(0.9, 0.5 + 0.18 * Law::normal($by)));
        $sections = [];
        foreach ($items as [, , $section]) {
            $sections[$section] ??= exp(0.4 * Law::normal($by));
            $this->stays[] = 9.0 * $sections[$section] * exp(0.5 * Law::normal($by));
            $this->since[] = (float) $by->getInt(0, 12);
        }
    }

    public function logits(): array
    {
        $logits = [];
        foreach ($this->stays as $i => $stays) {
            $logits[] = self::NOTHING + self::FRESH * exp(-$this->since[$i] / $stays) - 0.6 * $this->hard[$i];
        }

        return $logits;
    }

    public function practice(Randomizer $by): void
    {
        foreach ($this->stays as $i => $stays) {
            if ($by->getInt(0, 999) < 1000 * $this->diligence) {
                // What was nearly forgotten gains most from being heard again.
                $this->stays[$i] = $stays * (1.25 + 0.7 * (1.0 - exp(-$this->since[$i] / $stays)));
                $this->since[$i] = 0.0;
            }
        }
    }

    public function rest(int $days, Randomizer $by): void
    {
        foreach ($this->since as $i => $since) {
            $this->since[$i] = $since + $days;
        }
    }
}
