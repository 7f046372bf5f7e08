<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** A day as people and spreadsheets write it. */
final readonly class WrittenDay
{
    /** @return array{string|null, list<string>} year-month-day, and what is wrong */
    public static function read(string $said): array
    {
        if ($said === '') {
            return [null, []];
        }
        // A spreadsheet that is read as data gives a day as a count from the end of 1899.
        if (preg_match('/^\d{5}$/', $said) === 1) {
            return [gmdate('Y-m-d', ((int) $said - 25_569) * 86_400), []];
        }
        [$year, $month, $day] = match (true) {
            preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})/', $said, $is) === 1 => [$is[1], $is[2], $is[3]],
            preg_match('/^(\d{1,2})\/(\d{1,2})\/(\d{4})$/', $said, $is) === 1 => [$is[3], $is[1], $is[2]],
            default => ['0', '0', '0'],
        };
        if (! checkdate((int) $month, (int) $day, (int) $year) || (int) $year < 2000 || (int) $year > 2100) {
            return [null, ["\"$said\" is no day; write it as 12/4/2026 or 2026-12-04."]];
        }

        return [sprintf('%04d-%02d-%02d', $year, $month, $day), []];
    }
}
