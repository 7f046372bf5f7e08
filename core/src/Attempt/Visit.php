<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

/** A stay at one place, in milliseconds of the walk. */
final readonly class Visit
{
    public function __construct(public string $place, public int $fromMs, public int $toMs) {}

    public function durationMs(): int
    {
        return $this->toMs - $this->fromMs;
    }
}
