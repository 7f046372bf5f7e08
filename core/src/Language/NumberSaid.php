<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** A number among the words, without what it counts. */
final readonly class NumberSaid
{
    public function __construct(
        public float $value,
        /** Index after its last word. */
        public int $to,
        public bool $isFraction = false,
    ) {}
}
