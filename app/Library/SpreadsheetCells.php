<?php

declare(strict_types=1);

namespace App\Library;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Listing\CutText;
use Pasada\Core\Listing\PartsList;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Worksheet\Row;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Throwable;
use ZipArchive;

/** Reads somebody's own list: an XLSX file, a CSV file in any of the usual encodings, or text that was pasted. */
final readonly class SpreadsheetCells
{
    /** What a workbook may hold when it is unpacked; a list of 2000 lines is a hundredth of it. */
    private const MOST_UNPACKED = 50_000_000;

    /** @throws DocumentHasFaults with what is wrong and what to do about it */
    public function read(string $name, string $content): PartsList
    {
        return $this->isBook($name, $content)
            ? PartsList::ofCells($this->workbook($name, $content), $name)
            : PartsList::ofText($this->text($name, $content), $name);
    }

    /**
     * @return array<int, list<string>> by line, of the first sheet that has any
     *
     * @throws DocumentHasFaults likewise
     */
    public function table(string $name, string $content): array
    {
        return $this->isBook($name, $content)
            ? $this->workbook($name, $content)
            : CutText::of($this->text($name, $content))->cells;
    }

    private function isBook(string $name, string $content): bool
    {
        return match (true) {
            str_starts_with($content, '%PDF') => $this->refuse($name, 'is a PDF; export the list as XLSX or CSV'),
            str_starts_with($content, "\xD0\xCF\x11\xE0") => $this->refuse(
                $name, 'is an old kind of workbook; save it as XLSX',
            ),
            default => str_starts_with($content, 'PK'),
        };
    }

    /** @return array<int, list<string>> */
    private function workbook(string $name, string $content): array
    {
        $path = tempnam(sys_get_temp_dir(), 'list');
        assert($path !== false);
        try {
            file_put_contents($path, $content);
            $this->check($name, $path);

            return $this->cells($name, $path);
        } finally {
            unlink($path);
        }
    }

    /** Told before anything is unpacked: an archive of another kind, or one that would fill the memory. */
    private function check(string $name, string $path): void
    {
        $archive = new ZipArchive;
        if ($archive->open($path) !== true || $archive->locateName('xl/workbook.xml') === false) {
            $this->refuse($name, 'is no XLSX workbook; save the list as XLSX or CSV');
        }
        $size = 0;
        for ($n = 0; $n < $archive->numFiles; $n++) {
            $size += $archive->statIndex($n)['size'] ?? 0;
        }
        $archive->close();
        if ($size > self::MOST_UNPACKED) {
            $this->refuse($name, 'is too large when it is unpacked; save the sheet with the list alone');
        }
    }

    /** @return array<int, list<string>> by line, of the first sheet that has any */
    private function cells(string $name, string $path): array
    {
        $reader = new Xlsx;
        $reader->setReadDataOnly(true)->setReadEmptyCells(false)->setIncludeCharts(false);
        $reader->setReadFilter(new class implements IReadFilter
        {
            public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
            {
                // More than is taken, so that too much is told and blank lines do not count.
                return $row <= 2 * PartsList::MOST_LINES
                    && Coordinate::columnIndexFromString($columnAddress) <= PartsList::MOST_COLUMNS + 1;
            }
        });
        try {
            $book = $reader->load($path);
        } catch (Throwable $why) {
            report($why);
            $this->refuse($name, 'could not be read; open it, save it as XLSX once more, and try again');
        }
        $faults = [];
        foreach ($book->getAllSheets() as $sheet) {
            $rows = $this->rows($sheet, $faults);
            if ($faults !== []) {
                throw DocumentHasFaults::in($name, $faults);
            }
            if ($rows !== []) {
                return $rows;
            }
        }

        return [];
    }

    /**
     * @param  list<Fault>  $faults  by reference
     * @return array<int, list<string>>
     */
    private function rows(Worksheet $sheet, array &$faults): array
    {
        $rows = [];
        /** @var Row $row */
        foreach ($sheet->getRowIterator() as $line => $row) {
            $cells = [];
            foreach ($row->getCellIterator() as $column => $cell) {
                // Of a formula, what the spreadsheet worked out when it was saved: nothing is worked out here.
                $value = $cell->isFormula() ? $cell->getOldCalculatedValue() : $cell->getValue();
                $text = is_scalar($value) || $value instanceof \Stringable ? (string) $value : '';
                $at = Coordinate::columnIndexFromString($column) - 1;
                if (str_starts_with($text, '#') && preg_match('~^#(REF|N/A|NAME|VALUE|DIV/0|NUM|NULL)~', $text) === 1) {
                    $faults[] = Fault::at("cell $column$line", sprintf('holds the fault %s; mend the formula', $text));
                }
                if ($text !== '') {
                    $cells = array_pad($cells, $at, '');
                    $cells[$at] = $text;
                }
            }
            if ($cells !== []) {
                $rows[$line] = array_values($cells);
            }
        }

        return $rows;
    }

    private function text(string $name, string $content): string
    {
        $text = match (true) {
            str_starts_with($content, "\xFF\xFE") => mb_convert_encoding(substr($content, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($content, "\xFE\xFF") => mb_convert_encoding(substr($content, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($content, "\u{FEFF}") => substr($content, 3),
            mb_check_encoding($content, 'UTF-8') => $content,
            default => mb_convert_encoding($content, 'UTF-8', 'Windows-1252'),
        };
        if (str_contains($text, "\0")) {
            $this->refuse($name, 'is no text and no workbook; save the list as XLSX or CSV');
        }

        return $text;
    }

    private function refuse(string $name, string $why): never
    {
        throw DocumentHasFaults::in($name, [Fault::at('', $why)]);
    }
}
