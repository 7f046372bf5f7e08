<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\NoticedDefect;
use Pasada\Core\Checklist\RecitedOver;
use Pasada\Core\Checklist\Rules;
use Pasada\Core\Checklist\SideRule;
use Pasada\Core\Inspection\Item;

/** What became of one item. */
final readonly class ItemOutcome
{
    private function __construct(
        public Item $item,
        public ItemStatus $status,
        /** What was heard of it, references followed; null if nothing was. */
        public ?Hearing $hearing,
        /** Points said in time; `identified` among them once the item was named. */
        public PointSet $heard,
        /** Units of Credit, never above what is possible. */
        public int $earned,
        /** Units of Credit; 0 for an item that is not fitted or is extra. */
        public int $possible,
        /** The most that can still be earned, in units: all while its place is open, else what it has. */
        public int $reachable,
        /** Units earned beyond what is asked. */
        public int $bonus,
        public bool $outOfPlace,
        /** The defect known of it, planted or the vehicle's own; null where there is none. */
        public ?string $defect,
        public bool $defectNoticed,
    ) {}

    /**
     * @param  Hearing|null  $hearing  with references followed
     * @param  Hearing|null  $direct  what was said of the item itself
     */
    public static function of(Item $item, ?Hearing $hearing, ?Hearing $direct, Walk $walk, Rules $rules, bool $outOfPlace): self
    {
        $shut = $walk->finished || isset($walk->shutPlaces[$item->place]);
        $worth = Credit::possible($item);
        $noticed = isset($walk->noticed[$item->id]);
        $defect = $walk->planted[$item->id] ?? $item->defect;
        $wholeByDefect = $noticed && $rules->noticedDefect === NoticedDefect::Whole;
        if ($hearing === null && ! $wholeByDefect) {
            $status = $shut || isset($walk->closedPlaces[$item->place]) ? ItemStatus::Missed : ItemStatus::NotReached;

            return self::made($item, $status, null, PointSet::none(), 0, $shut ? 0 : $worth, false, $defect, $noticed, $rules);
        }
        if ($hearing?->notFitted === true) {
            // Waving a part that is there takes it off the list, for the scorer saw it; one that is not there is thereby said.
            return $item->fitted
                ? new self($item, ItemStatus::NotFitted, $hearing, PointSet::none(), 0, 0, 0, 0, false, $defect, $noticed)
                : self::made($item, ItemStatus::NotFitted, $hearing, PointSet::none(), $worth, $worth, false, $defect, $noticed, $rules);
        }
        $heard = $hearing === null ? PointSet::none() : self::heard($item, $hearing, $rules);
        if (! $item->fitted) {
            return self::made($item, ItemStatus::Wrong, $hearing, $heard, 0, $shut ? 0 : $worth, $outOfPlace, $defect, $noticed, $rules);
        }
        $earned = $wholeByDefect ? $worth : Credit::earned($item, $hearing, $rules);
        $overDefect = $defect !== null && ! $noticed && $earned > 0;
        if ($overDefect) {
            $earned = match ($rules->recitedOver) {
                RecitedOver::Nothing => 0,
                RecitedOver::Half => intdiv($earned, 2),
                RecitedOver::Full => $earned,
            };
        }
        $status = match (true) {
            $overDefect => ItemStatus::OverDefect,
            $hearing === null || $earned === $worth => self::isCarried($item, $hearing, $direct, $rules) ? ItemStatus::Carried : ItemStatus::Whole,
            ! $hearing->wrong->isEmpty() => ItemStatus::Wrong,
            Credit::earned($item, $hearing, $rules, withLate: true) > $earned => ItemStatus::Late,
            default => ItemStatus::Partial,
        };

        return self::made($item, $status, $hearing, $heard, $earned, $shut ? $earned : $worth, $outOfPlace, $defect, $noticed, $rules);
    }

    public function isLesson(): bool
    {
        return $this->status->isLesson();
    }

    /** Whether all that it is worth was earned, by whatever way. */
    public function isEarned(): bool
    {
        return match ($this->status) {
            ItemStatus::Whole, ItemStatus::Carried, ItemStatus::NotFitted => true,
            // Full credit over a defect, where the checklist gives it.
            ItemStatus::OverDefect => $this->earned === $this->possible,
            ItemStatus::NotReached, ItemStatus::Partial, ItemStatus::Late, ItemStatus::Wrong, ItemStatus::Missed => false,
        };
    }

    /** Listed points that were not said in time. */
    public function missing(): PointSet
    {
        return $this->item->points->without($this->heard);
    }

    /** Points said wrong and not put right in time. */
    public function wrong(): PointSet
    {
        return $this->hearing->wrong ?? PointSet::none();
    }

    public function late(): PointSet
    {
        return $this->hearing->late ?? PointSet::none();
    }

    private static function isCarried(Item $item, ?Hearing $hearing, ?Hearing $direct, Rules $rules): bool
    {
        return $hearing?->carriedFrom !== null && ($direct === null || Credit::earned($item, $direct, $rules) < Credit::possible($item));
    }

    /** Of a two-sided item the points said of both sides, where both are needed; of either, where one is enough. */
    private static function heard(Item $item, Hearing $hearing, Rules $rules): PointSet
    {
        $sides = $item->twoSided && $rules->sides === SideRule::Both
            ? $hearing->left->common($hearing->right)
            : $hearing->left->with($hearing->right);

        return $hearing->inTime->with($sides);
    }

    private static function made(Item $item, ItemStatus $status, ?Hearing $hearing, PointSet $heard, int $earned, int $reachable, bool $outOfPlace, ?string $defect, bool $noticed, Rules $rules): self
    {
        $worth = Credit::possible($item);
        $bonus = $noticed && $rules->noticedDefect === NoticedDefect::Bonus ? $worth : 0;

        return $item->bonus
            ? new self($item, $status, $hearing, $heard, 0, 0, 0, $bonus + $earned, $outOfPlace, $defect, $noticed)
            : new self($item, $status, $hearing, $heard, $earned, $worth, $reachable, $bonus, $outOfPlace, $defect, $noticed);
    }
}
