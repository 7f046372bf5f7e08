<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules;
use Pasada\Core\Inspection\Item;

/** What became of one item. */
final readonly class ItemOutcome
{
    private function __construct(
        public Item $item,
        public ItemStatus $status,
        /** Points said in time; `identified` among them once the item was named. */
        public PointSet $heard,
        public PointSet $late,
        /** Units of Credit. */
        public int $earned,
        /** Units of Credit; 0 for an item that is not fitted. */
        public int $possible,
        /** The most that can still be earned, in units: all while its place is open, else what it has. */
        public int $reachable,
        /** When it was first named, in ms of the walk; null if it was not. */
        public ?int $firstAtMs,
        public bool $outOfPlace,
    ) {}

    public static function of(Item $item, ?Hearing $hearing, Walk $walk, Rules $rules, bool $outOfPlace): self
    {
        $shut = $walk->finished || isset($walk->shutPlaces[$item->place]);
        $possible = Credit::possible($item);
        if ($hearing === null) {
            $status = $shut || isset($walk->closedPlaces[$item->place]) ? ItemStatus::Missed : ItemStatus::NotReached;

            return new self($item, $status, PointSet::none(), PointSet::none(), 0, $possible, $shut ? 0 : $possible, null, false);
        }
        if ($hearing->notFitted) {
            return new self($item, ItemStatus::NotFitted, PointSet::none(), PointSet::none(), 0, 0, 0, $hearing->firstAtMs, false);
        }
        $earned = Credit::earned($item, $hearing->inTime, $rules);
        $withLate = Credit::earned($item, $hearing->inTime->with($hearing->late), $rules);
        $status = match (true) {
            $earned === $possible => ItemStatus::Whole,
            $withLate > $earned => ItemStatus::Late,
            default => ItemStatus::Partial,
        };

        return new self($item, $status, $hearing->inTime, $hearing->late, $earned, $possible, $shut ? $earned : $possible, $hearing->firstAtMs, $outOfPlace);
    }

    /** Whether there is something to learn from it: asked, and not earned whole. */
    public function isLesson(): bool
    {
        return match ($this->status) {
            ItemStatus::Partial, ItemStatus::Late, ItemStatus::Missed => true,
            ItemStatus::Whole, ItemStatus::NotFitted, ItemStatus::NotReached => false,
        };
    }

    /** Listed points that were not said in time. */
    public function missing(): PointSet
    {
        return $this->item->points->without($this->heard);
    }
}
