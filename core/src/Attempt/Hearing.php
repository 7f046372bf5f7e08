<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\PointSet;

/** What was heard of one item. */
final readonly class Hearing
{
    public function __construct(
        /** Said while its place was open. */
        public PointSet $inTime,
        /** Said only after the return rule had closed its place. */
        public PointSet $late,
        public bool $notFitted,
        /** When the item was first named, in ms of the walk. */
        public int $firstAtMs,
        public int $lastAtMs,
        /** How many items were named before it. */
        public int $turn,
    ) {}
}
