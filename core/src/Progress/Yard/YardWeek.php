<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Yard;

/** What there is to plan: slots, who teaches, what stands in the yard, and who wants to walk. */
final readonly class YardWeek
{
    /**
     * @param  array<string, Slot>  $slots  by id, in order of time
     * @param  array<string, Helper>  $instructors  by id
     * @param  array<string, Helper>  $vehicles  by id
     * @param  array<string, Learner>  $learners  by id, in the order in which they asked
     * @param  list<PlannedWalk>  $fixed  set by hand
     */
    public function __construct(
        public array $slots, public array $instructors, public array $vehicles, public array $learners,
        public array $fixed = [],
    ) {}
}
