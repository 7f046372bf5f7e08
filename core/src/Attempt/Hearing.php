<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\PointSet;

/** What was heard of one item. */
final readonly class Hearing
{
    /**
     * @param  array<string, int>  $figures  figures as said, in thousandths of their unit, by point code
     * @param  array<string, string>  $wrongWords  what was said instead, where the scorer kept it, by point code
     */
    public function __construct(
        /** Said while its place was open, of the item as a whole. */
        public PointSet $inTime,
        /** Said only after the return rule had closed its place. */
        public PointSet $late,
        public bool $notFitted,
        /** When the item was first named, in ms of the walk. */
        public int $firstAtMs,
        public int $lastAtMs,
        /** How many items were named before it. */
        public int $turn,
        /** Said wrong, of either side, and not put right while the place was open. */
        public PointSet $wrong = new PointSet(0),
        /** Said of the left side only, of a two-sided item; likewise right. */
        public PointSet $left = new PointSet(0),
        public PointSet $right = new PointSet(0),
        public array $figures = [],
        public array $wrongWords = [],
        /** Id of the item that a reference named; null where it was said itself. */
        public ?string $carriedFrom = null,
        /** Told afterwards to have been said: when it was said is not known, so it has no part in the order. */
        public bool $afterwards = false,
        /** Said late of the left side only, of a two-sided item; likewise right. */
        public PointSet $lateLeft = new PointSet(0),
        public PointSet $lateRight = new PointSet(0),
        /** That the vehicle does not have it was said only after its place was closed. */
        public bool $notFittedLate = false,
        /** Heard in part, and which points were said is not told yet. */
        public bool $pointsOpen = false,
    ) {}

    /** What was said in time of one side at least. */
    public function onAnySide(): PointSet
    {
        return $this->inTime->with($this->left)->with($this->right);
    }

    /** What was said late of one side at least. */
    public function lateOnAnySide(): PointSet
    {
        return $this->late->with($this->lateLeft)->with($this->lateRight);
    }
}
