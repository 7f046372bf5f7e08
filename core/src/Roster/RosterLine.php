<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** One line of a list of students, as it was understood. */
final readonly class RosterLine
{
    /**
     * @param  list<string>  $faults  in words, with what to do
     * @param  list<int>  $alike  lines of the list before it that may be the same person
     */
    public function __construct(
        public int $line,
        public string $name,
        public ?string $number,
        public ?string $className,
        /** Year-month-day. */
        public ?string $examOn,
        public ?EarlierResult $result,
        public array $faults,
        public array $alike,
    ) {}
}
