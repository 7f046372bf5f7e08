<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** A student who wants to walk this week. */
final readonly class Learner
{
    /** What a second walk brings beside the first, and a third beside the second: less is left to learn. */
    private const NEXT_BRINGS = 0.6;

    /** Days in which what a walk taught fades to a third, as for a part that was practiced a few times. */
    private const STAYS = 30.0;

    /** Where no exam is set a walk counts as if one were so many days ahead. */
    private const USUAL_DAYS = 30;

    /**
     * @param  array<string, true>|null  $vehicles  that they are examined on, by id; null for all
     * @param  array<string, true>|null  $free  slots by id; null for all
     */
    public function __construct(
        public string $id,
        /** To pass as things stand, 0 to 1. */
        public float $chance,
        /** What one walk adds to it, 0 to 1. */
        public float $gain,
        /** Day of the exam, in days since 1970; null where none is set. */
        public ?int $examOn,
        private ?array $vehicles,
        private ?array $free,
        public int $mostADay,
        public int $most,
    ) {}

    public function canWalk(Slot $slot, string $vehicle): bool
    {
        return ($this->free === null || isset($this->free[$slot->id]))
            && ($this->vehicles === null || isset($this->vehicles[$vehicle]))
            && ($this->examOn === null || $slot->day() < $this->examOn);
    }

    /** The first of the vehicles that they are examined on; null for any. */
    public function vehicle(): ?string
    {
        $first = array_slice(array_keys($this->vehicles ?? []), 0, 1);

        // An id of digits is a number as a key.
        return $first === [] ? null : implode('', $first);
    }

    /** What a walk in a slot adds to the chance to pass, after so many others this week. */
    public function gainOf(Slot $slot, int $before): float
    {
        $days = ($this->examOn ?? $slot->day() + self::USUAL_DAYS) - $slot->day();
        $left = max(0.0, 1.0 - $this->chance);

        return min($left, $this->gain) * self::NEXT_BRINGS ** $before * exp(-$days / self::STAYS);
    }
}
