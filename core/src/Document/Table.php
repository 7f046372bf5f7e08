<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/**
 * Reads the rows of a table as any spreadsheet saves them: separator found out, heading checked, blank lines passed
 * over.
 */
final readonly class Table
{
    /**
     * @param  list<string>  $columns  that there are; every row has all of them, empty where the file has none
     * @param  list<string>  $asked  of them, those without which nothing can be read
     * @param  int  $most  rows
     * @param  string  $of  what holds no more rows than that, for the complaint
     * @param  list<Fault>  $faults  by reference
     * @return array<int, array<string, string>> by line in the file
     */
    public static function read(string $csv, array $columns, array $asked, int $most, string $of, array &$faults): array
    {
        $csv = str_starts_with($csv, "\u{FEFF}") ? substr($csv, 3) : $csv;
        if (! mb_check_encoding($csv, 'UTF-8')) {
            $faults[] = Fault::at('', 'is not UTF-8; save it as "CSV UTF-8"');

            return [];
        }
        $memory = fopen('php://memory', 'r+');
        assert($memory !== false);
        fwrite($memory, $csv);
        rewind($memory);
        $first = strtok($csv, "\n");
        $separator = self::separator($first === false ? '' : $first);
        $heading = fgetcsv($memory, null, $separator, '"', '');
        $header = array_map(
            static fn (?string $cell): string => strtolower(trim((string) $cell)),
            $heading === false ? [] : $heading,
        );
        foreach (array_diff($asked, $header) as $missing) {
            $faults[] = Fault::at(
                'line 1',
                sprintf('has no column "%s"; the columns are %s', $missing, implode(', ', $columns)),
            );
        }
        if ($faults !== []) {
            return [];
        }
        $rows = [];
        $next = 2;
        while (($cells = fgetcsv($memory, null, $separator, '"', '')) !== false) {
            $line = $next;
            // A quoted cell may go over several lines of the file.
            $next += 1 + substr_count(implode('', $cells), "\n");
            if ($cells === [null] || implode('', $cells) === '') {
                continue;
            }
            if (count($rows) === $most) {
                $faults[] = Fault::at("line $line", sprintf('is more than the %d rows that %s can have', $most, $of));

                break;
            }
            $row = array_fill_keys($columns, '');
            foreach ($header as $place => $column) {
                $row[$column] = self::plain(trim($cells[$place] ?? ''));
            }
            $rows[$line] = $row;
        }
        if ($rows === [] && $faults === []) {
            $faults[] = Fault::at('', 'holds no row below its heading');
        }

        return $rows;
    }

    /**
     * @param  list<string>  $columns
     * @param  iterable<list<int|float|string|null>>  $rows
     * @return string with a heading, lines ended as RFC 4180 has it
     */
    public static function write(array $columns, iterable $rows): string
    {
        $memory = fopen('php://memory', 'r+');
        assert($memory !== false);
        // No escape character: RFC 4180 doubles a quote and knows nothing else.
        fputcsv($memory, $columns, ',', '"', '', "\r\n");
        foreach ($rows as $row) {
            fputcsv($memory, array_map(self::harmless(...), $row), ',', '"', '', "\r\n");
        }

        return (string) stream_get_contents($memory, null, 0);
    }

    /** A spreadsheet runs a cell that begins like a formula; behind an apostrophe it shows it. Numbers stay numbers. */
    private static function harmless(int|float|string|null $cell): int|float|string|null
    {
        return is_string($cell) && ! is_numeric($cell) && preg_match('/^\'*[=+\-@\t\r]/', $cell) === 1
            ? "'".$cell
            : $cell;
    }

    /** What was made harmless by write(), as it was. */
    private static function plain(string $cell): string
    {
        return preg_match('/^\'+[=+\-@\t\r]/', $cell) === 1 ? substr($cell, 1) : $cell;
    }

    private static function separator(string $line): string
    {
        $counts = [',' => substr_count($line, ','), ';' => substr_count($line, ';'), "\t" => substr_count($line, "\t")];
        arsort($counts);

        return array_key_first($counts);
    }
}
