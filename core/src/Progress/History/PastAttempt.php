<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\History;

/** What a student earned in one attempt. */
final readonly class PastAttempt
{
    /** @param  array<string, int>  $earned  thousandths of each asked item's worth, by item id */
    public function __construct(
        /** Days since 1970, with their fraction. */
        public float $day,
        public string $scorer,
        public array $earned,
        /** How long the walk took; null where that is not known. */
        public ?float $seconds = null,
        /** Items out of order; null where that is not known. */
        public ?int $outOfPlace = null,
    ) {}
}
