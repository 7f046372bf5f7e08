<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** How an item stands. The values are stored and sent: never rename one. */
enum ItemStatus: string
{
    /** Not said, and its place not yet done. */
    case NotReached = 'not_reached';
    /** Earned all it is worth under the credit rule. */
    case Whole = 'whole';
    /** Earned all it is worth by a reference to the same item elsewhere. */
    case Carried = 'carried';
    /** Named, but not all that the credit rule wants. */
    case Partial = 'partial';
    /** It was said, but only after its place was shut. */
    case Late = 'late';
    /** Some of it was said in time, and some of what lacked was added after its place was shut. */
    case LaterAdded = 'later_added';
    /** What is lacking was said, but wrong. */
    case Wrong = 'wrong';
    /** Recited as sound over a defect that is known and was not noticed. */
    case OverDefect = 'over_defect';
    /** Waved: not equipped on this vehicle. */
    case NotFitted = 'not_fitted';
    /** Its place is done, or the walk is over, and it was not said. */
    case Missed = 'missed';

    /** As people read it, on paper and on the screen (resources/js/shared/glyphs/states.ts; a test compares them). */
    public function said(): string
    {
        return match ($this) {
            self::NotReached => 'not reached',
            self::Whole => 'complete',
            self::Carried => 'carried over',
            self::Partial => 'partial',
            self::Late => 'said late',
            self::LaterAdded => 'completed late',
            self::Wrong => 'said wrong',
            self::OverDefect => 'defect not noticed',
            self::NotFitted => 'not equipped',
            self::Missed => 'missed',
        };
    }

    /** Whether the student came to it, on a vehicle that has it: only then does it tell anything of the student. */
    public function isAsked(): bool
    {
        return ! in_array($this, [self::NotFitted, self::NotReached], true);
    }

    /** @return list<self> those that there is something to learn from */
    public static function lessons(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $status): bool => $status->isLesson()));
    }

    /** Whether there is something to learn from an item that stands so. */
    public function isLesson(): bool
    {
        return match ($this) {
            self::Partial, self::Late, self::LaterAdded, self::Wrong, self::OverDefect, self::Missed => true,
            self::Whole, self::Carried, self::NotFitted, self::NotReached => false,
        };
    }
}
