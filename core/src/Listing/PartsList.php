<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/** Somebody's own list of parts: the cells of a spreadsheet, or the lines of a text, with the line each stands in. */
final readonly class PartsList
{
    /** More lines than any checklist has parts. */
    public const MOST_LINES = 2000;

    public const MOST_COLUMNS = 40;

    private const LONGEST_CELL = 500;

    /** Lines among which the headings of the columns are looked for. */
    private const HEADINGS_WITHIN = 12;

    /**
     * @param  list<string>  $headings  of the columns; "Column B" where the list has none
     * @param  array<int, list<string>>  $rows  cells by line in the file, from 1; as many as there are headings
     */
    private function __construct(public array $headings, public array $rows) {}

    /**
     * @param  array<int, list<string>>  $cells  by line in the file, from 1
     *
     * @throws DocumentHasFaults if there is nothing in it, or far too much
     */
    public static function ofCells(array $cells, string $name = 'list'): self
    {
        $rows = [];
        $faults = [];
        foreach ($cells as $line => $row) {
            $row = array_map(
                static fn (string $cell): string => trim((string) preg_replace('/\s+/u', ' ', $cell)),
                $row,
            );
            while ($row !== [] && preg_match('/[\p{L}\p{N}]/u', $row[count($row) - 1]) !== 1) {
                array_pop($row);
            }
            if (count($row) > self::MOST_COLUMNS) {
                $faults[] = Fault::at("line $line", sprintf('has more than %d columns', self::MOST_COLUMNS));
            }
            foreach ($row as $at => $cell) {
                if (mb_strlen($cell) > self::LONGEST_CELL) {
                    $faults[] = Fault::at(
                        "line $line, ".self::letter($at),
                        sprintf('is longer than %d letters; a name is a few words', self::LONGEST_CELL),
                    );
                }
            }
            if ($row !== []) {
                $rows[$line] = $row;
            }
        }
        if ($rows === []) {
            $faults[] = Fault::at('', 'holds no line with words in it');
        }
        if (count($rows) > self::MOST_LINES) {
            $faults[] = Fault::at(
                '',
                sprintf('holds more than %d lines, which is more than a checklist has', self::MOST_LINES),
            );
        }
        if ($faults !== []) {
            throw DocumentHasFaults::in($name, $faults);
        }

        return self::withHeadings($rows);
    }

    /**
     * A list as text: of several columns where lines are cut by tabs, semicolons or commas throughout, else one part in
     * a line, with numbers and dashes before it passed over.
     *
     * @throws DocumentHasFaults as ofCells()
     */
    public static function ofText(string $text, string $name = 'list'): self
    {
        $cut = CutText::of($text);
        $cells = $cut->isCut ? $cut->cells : array_map(
            static fn (array $line): array => array_map(static fn (string $said): string => (string) preg_replace(
                '/^\s*(?:\(?(?:\d{1,3}|[a-z])[.):]+|[-*•–·]+)\s*/iu', '', $said,
            ), $line),
            $cut->cells,
        );

        return self::ofCells($cells, $name);
    }

    /** Name of a column as a spreadsheet has it: 0 is A. */
    public static function letter(int $at): string
    {
        return 'column '.($at < 26 ? chr(65 + $at) : chr(64 + intdiv($at, 26)).chr(65 + $at % 26));
    }

    /** @param  array<int, list<string>>  $rows */
    private static function withHeadings(array $rows): self
    {
        $width = max([1, ...array_map(count(...), $rows)]);
        $rows = array_map(static fn (array $row): array => array_pad($row, $width, ''), $rows);
        $headings = null;
        foreach (array_slice($rows, 0, self::HEADINGS_WITHIN, true) as $line => $row) {
            $known = array_filter($row, self::isHeading(...));
            if ($width > 1 && count($known) >= 2) {
                $headings = $row;
                $rows = array_filter($rows, static fn (int $at): bool => $at > $line, ARRAY_FILTER_USE_KEY);

                break;
            }
        }
        $named = [];
        for ($at = 0; $at < $width; $at++) {
            $own = $headings[$at] ?? '';
            $named[] = $own === '' ? ucfirst(self::letter($at)) : $own;
        }

        return new self($named, $rows);
    }

    private static function isHeading(string $cell): bool
    {
        foreach (ListColumn::cases() as $column) {
            $pattern = $column->headings();
            if ($cell !== '' && mb_strlen($cell) < 40 && $pattern !== null && preg_match($pattern, $cell) === 1) {
                return true;
            }
        }

        return false;
    }
}
