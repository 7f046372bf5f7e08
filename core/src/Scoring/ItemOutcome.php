<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Item;

/** What became of one item. */
final readonly class ItemOutcome
{
    public function __construct(
        public Item $item,
        public ItemStatus $status,
        /** What was heard of it, references followed; null if nothing was. */
        public ?Hearing $hearing,
        /** Points said in time; `identified` among them once the item was named. */
        public PointSet $heard,
        /** Units of Credit, never above what is possible. */
        public int $earned,
        /** Units of Credit; 0 for an item that is taken off the list or is extra. */
        public int $possible,
        /** The most that can still be earned, in units; what it has once the walk is finished. */
        public int $reachable,
        /** Units earned beyond what is asked. */
        public int $bonus,
        /** The most that can still be earned beyond what is asked. */
        public int $reachableBonus,
        public bool $outOfPlace,
        /** The defect known of it, planted or the vehicle's own; null where there is none. */
        public ?string $defect,
        public bool $defectNoticed,
        /** Earned and lost again, because a fault of the brake tests costs their section. */
        public bool $forfeited = false,
    ) {}

    public function isLesson(): bool
    {
        return $this->status->isLesson();
    }

    /** Whether all that it is worth was earned, by whatever way. */
    public function isEarned(): bool
    {
        if ($this->forfeited) {
            return false;
        }

        return match ($this->status) {
            ItemStatus::Whole, ItemStatus::Carried, ItemStatus::NotFitted => true,
            // Full credit over a defect, where the checklist gives it.
            ItemStatus::OverDefect => $this->earned + $this->bonus > 0 && $this->earned === $this->possible,
            ItemStatus::NotReached,
            ItemStatus::Partial,
            ItemStatus::Late,
            ItemStatus::LaterAdded,
            ItemStatus::Wrong,
            ItemStatus::Missed => false,
        };
    }

    /** Whether it is asked and weighs something; what is extra or waved off the list is neither earned nor missed. */
    public function counts(): bool
    {
        return $this->possible > 0;
    }

    /** Whether it can no longer be earned whole. */
    public function isLost(): bool
    {
        return $this->reachable < $this->possible;
    }

    /** The same with nothing of it earned. */
    public function forfeit(bool $isFinal): self
    {
        return new self(
            $this->item,
            $this->status,
            $this->hearing,
            $this->heard,
            0,
            $this->possible,
            $isFinal ? 0 : $this->reachable,
            0,
            $isFinal ? 0 : $this->reachableBonus,
            $this->outOfPlace,
            $this->defect,
            $this->defectNoticed,
            true,
        );
    }

    /** Listed points that were not said in time. */
    public function missing(): PointSet
    {
        return $this->item->points->without($this->heard);
    }

    /** Points said wrong and not put right in time; a further point may be wrong of an item that is earned whole. */
    public function wrong(): PointSet
    {
        return $this->hearing->wrong ?? PointSet::none();
    }

    /** Points said late, of one side at least, and not in time. */
    public function late(): PointSet
    {
        return $this->hearing === null ? PointSet::none() : $this->hearing->lateOnAnySide()->without($this->heard);
    }
}
