<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Practice;

/** One section of one walk that is over. */
final readonly class WalkedSection
{
    public function __construct(
        public string $name,
        /** Time spent there, in milliseconds. */
        public int $ms,
        /** How many items it asks. */
        public int $items,
        /** Whether it was walked out of its turn. */
        public bool $isSwapped,
    ) {}
}
