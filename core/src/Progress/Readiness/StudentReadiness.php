<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Readiness;

use Pasada\Core\Progress\History\PastStudent;

/** What is to be expected of one student, and why. */
final readonly class StudentReadiness
{
    /**
     * @param  list<Drill>  $drills  the largest gain per minute first
     * @param  array<string, float>  $marks  chance of each mark of the pass rule, by what it asks, the least sure first
     */
    public function __construct(
        public PastStudent $student,
        public Forecast $forecast,
        /** Day for which it is, in days since 1970. */
        public float $on,
        /** Whether that is the day of the exam; else it is a week after the last attempt. */
        public bool $isForExam,
        public string $limits,
        public array $drills,
        public int $attempts,
        public array $marks,
    ) {}
}
