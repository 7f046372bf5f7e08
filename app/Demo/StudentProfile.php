<?php

declare(strict_types=1);

namespace App\Demo;

/** How an invented student walks: what they know at first and at last, and where they always slip. */
final readonly class StudentProfile
{
    /**
     * @param  array<string, int>  $weak  start of an item's component or place > chance in percent of missing it,
     *   whatever they know
     */
    public function __construct(
        public string $name,
        public int $attempts,
        /** Chance in percent to say an item, at the first and the last attempt. */
        public int $knowsFirst,
        public int $knowsLast,
        public int $lastSeenDaysAgo,
        public ?int $examInDays,
        public string $vehicle,
        public array $weak = [],
        /** Chance in percent to leave a place too early and come back. */
        public int $jumps = 6,
    ) {}

    public function knows(int $attempt): int
    {
        return $this->attempts === 1 ? $this->knowsLast
            : $this->knowsFirst + intdiv(($this->knowsLast - $this->knowsFirst) * $attempt, $this->attempts - 1);
    }

    public function slip(string $component, string $position): int
    {
        $worst = 0;
        foreach ($this->weak as $start => $percent) {
            if (
                str_starts_with($component.'@'.$position, $start) ||
                ($position !== '' &&
                    str_ends_with($start, '@'.$position) &&
                    str_starts_with($component, explode('@', $start)[0]))
            ) {
                $worst = max($worst, $percent);
            }
        }

        return $worst;
    }
}
