<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

final readonly class SectionScore
{
    public function __construct(
        public string $id, public string $name, public Score $score, public int $timeMs,
        public ?int $timeAllowedSeconds,
    ) {}
}
