<?php

declare(strict_types=1);

namespace App\Retention;

/** What an erasure would take away, and what a duty keeps. */
final readonly class ErasureTold
{
    public function __construct(
        /** Why the records are held; null where they are not. */
        public ?string $held,
        /** Walks whose years are over. */
        public int $walks,
        /** Practices alone, which no duty keeps. */
        public int $practices,
        public int $kept,
        /** Year-month-day from which on nothing more has to be kept; null where nothing has. */
        public ?string $keptUntil,
    ) {}
}
