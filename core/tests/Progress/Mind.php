<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Progress;

use Random\Randomizer;

/** What a simulated student knows, in truth. */
interface Mind
{
    /** @return array<int, float> of every item, on a day like any other */
    public function logits(): array;

    /** What an attempt and its debrief teach. */
    public function practice(Randomizer $by): void;

    /** Days in which nothing was practiced. */
    public function rest(int $days, Randomizer $by): void;
}
