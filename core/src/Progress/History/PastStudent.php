<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\History;

/** One student's attempts, in the order of their days. */
final readonly class PastStudent
{
    /** @var list<PastAttempt> */
    public array $attempts;

    /** @param  list<PastAttempt>  $attempts  in any order */
    public function __construct(
        public string $id,
        /** Day of the exam, in days since 1970; null where none is set. */
        public ?float $examOn,
        array $attempts,
    ) {
        // In any order they are the same history; what happened at once is told apart by what was earned.
        usort($attempts, static fn (PastAttempt $a, PastAttempt $b): int => [$a->day, $a->scorer, $a->earned]
            <=> [$b->day, $b->scorer, $b->earned]);
        $this->attempts = $attempts;
    }
}
