<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

/** How long was talked of something else. Lives for one replay. */
final class OffTopic
{
    private ?int $sinceMs = null;

    private int $ms = 0;

    public function begin(int $atMs): void
    {
        $this->sinceMs ??= $atMs;
    }

    public function end(int $atMs): void
    {
        $this->ms += $this->sinceMs === null ? 0 : max(0, $atMs - $this->sinceMs);
        $this->sinceMs = null;
    }

    public function goesOn(): bool
    {
        return $this->sinceMs !== null;
    }

    /** In all, with what goes on taken up to a moment. */
    public function msUntil(int $atMs): int
    {
        return $this->ms + ($this->sinceMs === null ? 0 : max(0, $atMs - $this->sinceMs));
    }
}
