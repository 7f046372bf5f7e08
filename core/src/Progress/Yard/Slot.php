<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** A time in which walks can be held, as many as there are instructors and vehicles. */
final readonly class Slot
{
    public function __construct(
        public string $id,
        /** Minutes since 1970, by the clock of the school. */
        public int $from,
        public int $minutes,
        /** As it was written, for people. */
        public string $said,
    ) {}

    public function overlaps(self $other): bool
    {
        return $this->from < $other->from + $other->minutes && $other->from < $this->from + $this->minutes;
    }

    /** Days since 1970. */
    public function day(): int
    {
        return intdiv($this->from, 1440);
    }
}
