<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Listing\PartsList;

/** A list of students from a spreadsheet: every line understood, or told what is wrong with it. */
final readonly class Roster
{
    private const LONGEST_NUMBER = 40;

    public const MOST_LINES = 2000;

    private const ALWAYS = '9999-12-31';

    /**
     * @param  list<string>  $headings
     * @param  list<RosterColumn>  $columns
     * @param  list<RosterLine>  $lines
     */
    private function __construct(public array $headings, public array $columns, public array $lines) {}

    /**
     * @param  array<int, list<string>>  $cells  by line in the file; the first line with words holds the headings
     * @param  list<RosterColumn>|null  $columns  null to guess them by their headings
     * @param  string  $today  year-month-day; an exam that has a result was not held after it
     *
     * @throws DocumentHasFaults if there is nobody in it, or far too many
     */
    public static function of(
        array $cells, ?array $columns = null, string $name = 'list', string $today = self::ALWAYS,
    ): self {
        $rows = array_filter(
            array_map(static fn (array $row): array => array_map(
                static fn (string $cell): string => trim((string) preg_replace('/\s+/u', ' ', $cell)), $row,
            ), $cells),
            static fn (array $row): bool => implode('', $row) !== '',
        );
        if (count($rows) < 2 || count($rows) > self::MOST_LINES) {
            throw DocumentHasFaults::in($name, [Fault::at('', count($rows) < 2
                ? 'holds nobody: the first line names the columns, and each line after it one student'
                : sprintf('holds more than %d lines; bring it in parts', self::MOST_LINES))]);
        }
        $width = max([1, ...array_map(count(...), $rows)]);
        $rows = array_map(static fn (array $row): array => array_pad($row, $width, ''), $rows);
        $first = array_key_first($rows);
        $headings = [];
        foreach ($rows[$first] as $at => $own) {
            $headings[] = $own === '' ? ucfirst(PartsList::letter($at)) : $own;
        }
        unset($rows[$first]);
        $columns = $columns !== null && count($columns) === $width ? $columns : self::guessed($headings, $rows);
        $lines = $seen = [];
        foreach ($rows as $number => $row) {
            $lines[] = $one = self::line($number, $row, $columns, $seen, $today);
            $seen[$number] = self::key($one->name);
        }

        return new self($headings, $columns, $lines);
    }

    /** By which two spellings of a name are found to be alike. */
    public static function key(string $name): string
    {
        $bare = mb_strtolower((string) preg_replace('/[^\p{L} ]/u', '', $name));
        $words = explode(' ', (string) preg_replace('/\s+/u', ' ', trim($bare)));
        sort($words);

        return implode(' ', $words);
    }

    /**
     * @param  array<int, RosterChoice>  $choices  by line
     * @return list<RosterLine> those that are not left out
     */
    public function wanted(array $choices): array
    {
        return array_values(array_filter(
            $this->lines,
            static fn (RosterLine $line): bool => ($choices[$line->line] ?? null) !== RosterChoice::LeaveOut,
        ));
    }

    /**
     * @param  array<int, RosterChoice>  $choices  by line
     * @return int wanted lines in which something is wrong
     */
    public function faults(array $choices): int
    {
        return count(array_filter(
            $this->wanted($choices), static fn (RosterLine $line): bool => $line->faults !== [],
        ));
    }

    /**
     * @param  array<int, list<mixed>>  $known  who is there already and may be the same, by line
     * @param  array<int, RosterChoice>  $choices  by line
     * @return int lines of which it has to be said whether they are somebody new
     */
    public function open(array $known, array $choices): int
    {
        return count(array_filter(
            $this->lines,
            static fn (RosterLine $line): bool => match ($choices[$line->line] ?? null) {
                null => $line->alike !== [] || isset($known[$line->line]),
                // Which of several, a list does not say.
                RosterChoice::TheSame => count($known[$line->line] ?? []) !== 1,
                default => false,
            },
        ));
    }

    /**
     * @param  list<string>  $headings
     * @param  array<int, array<int, string>>  $rows
     * @return list<RosterColumn>
     */
    private static function guessed(array $headings, array $rows): array
    {
        $columns = array_map(RosterColumn::guess(...), $headings);
        if (array_intersect(array_column($columns, 'value'), ['name', 'first_name', 'last_name']) === []) {
            // Where no heading says so, the first column with words in most of its lines is the name.
            foreach (array_keys($headings) as $at) {
                $words = array_filter(
                    array_column($rows, $at),
                    static fn (string $cell): bool => preg_match('/\p{L}{2}/u', $cell) === 1,
                );
                if (2 * count($words) > count($rows)) {
                    $columns[$at] = RosterColumn::Name;
                    break;
                }
            }
        }

        $day = array_search(RosterColumn::ExamOn, $columns, true);
        if (
            $day !== false && in_array(RosterColumn::Result, $columns, true)
            && ! in_array(RosterColumn::ResultOn, $columns, true)
        ) {
            // Beside a result, the day is that of the exam it came of.
            $columns[$day] = RosterColumn::ResultOn;
        }

        return array_values($columns);
    }

    /**
     * @param  list<string>  $row
     * @param  list<RosterColumn>  $columns
     * @param  array<int, string>  $seen  keys of the names before, by line
     */
    private static function line(int $number, array $row, array $columns, array $seen, string $today): RosterLine
    {
        $of = static function (RosterColumn $column) use ($row, $columns): string {
            $at = array_search($column, $columns, true);

            return $at === false ? '' : trim($row[$at] ?? '');
        };
        $name = $of(RosterColumn::Name);
        if ($name === '') {
            $name = trim($of(RosterColumn::FirstName).' '.$of(RosterColumn::LastName));
        } elseif (preg_match('/^([^,]+), *([^,]+)$/u', $name, $parts) === 1) {
            $name = $parts[2].' '.$parts[1];
        }
        $fault = PersonName::fault($name);
        $faults = $fault === null ? [] : [$fault];
        [$examOn, $dayFault] = WrittenDay::read($of(RosterColumn::ExamOn));
        $studentNumber = $of(RosterColumn::Number);
        if (mb_strlen($studentNumber) > self::LONGEST_NUMBER) {
            $faults[] = sprintf('The number is longer than %d signs; is the column right?', self::LONGEST_NUMBER);
        }
        if (mb_strlen($of(RosterColumn::ClassName)) > PersonName::MOST) {
            $faults[] = 'The name of the class is too long; is the column right?';
        }
        [$result, $resultFaults] = EarlierResult::read($of(RosterColumn::Result), $of(RosterColumn::ResultOn), $today);
        $key = self::key($name);

        return new RosterLine(
            $number, $name, $studentNumber === '' ? null : $studentNumber,
            $of(RosterColumn::ClassName) === '' ? null : $of(RosterColumn::ClassName), $examOn,
            $result, [...$faults, ...$dayFault, ...$resultFaults], $key === '' ? [] : array_keys($seen, $key, true),
        );
    }
}
