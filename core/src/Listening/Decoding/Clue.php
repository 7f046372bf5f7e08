<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Decoding;

use Pasada\Core\Language\Quantity;
use Pasada\Core\Listening\Lexicon\Statement;

/** A run of words that names a part, states something, or may do either. */
final readonly class Clue
{
    public function __construct(
        /** Index of the first word. */
        public int $from,
        /** Index after the last word. */
        public int $to,
        /** Index of the mention; null where it names nothing. */
        public ?int $name = null,
        public ?Statement $statement = null,
        public ?Quantity $quantity = null,
        /** Whether a fault is reported to be there. */
        public bool $isDefect = false,
        /** Whether it is said only of a part that is asked for it. */
        public bool $isStrict = false,
        /** How many there are; null where no count is told. */
        public ?float $count = null,
    ) {}

    public function states(): bool
    {
        return $this->statement !== null || $this->quantity !== null;
    }
}
