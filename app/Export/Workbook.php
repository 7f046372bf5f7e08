<?php

declare(strict_types=1);

namespace App\Export;

use Pasada\Core\Export\Cell;
use RuntimeException;
use XMLWriter;
use ZipArchive;

/**
 * A workbook of several sheets, written line by line into files, so that its length needs no memory. The package that
 * does this has no version for PHP 8.2 in the registry, and the one at hand holds a whole workbook in memory.
 */
final class Workbook
{
    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    private const OFFICE = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const PACKAGE = 'http://schemas.openxmlformats.org/package/2006';

    private const KIND = 'application/vnd.openxmlformats-officedocument.spreadsheetml';

    private const FLUSHED_AFTER = 500;

    /** Letters of a cell that a spreadsheet takes. */
    private const LONGEST = 32_767;

    /** @var array<string, XMLWriter> by name */
    private array $sheets = [];

    /** @var array<string, int> lines by name */
    private array $lines = [];

    /** @param  string  $folder  of its own, to be taken away afterwards */
    public function __construct(private readonly string $folder) {}

    /** @param  list<string|int|float|null>  $cells */
    public function add(string $sheet, array $cells): void
    {
        $writer = $this->sheets[$sheet] ??= $this->begin(count($this->sheets) + 1);
        $this->lines[$sheet] = ($this->lines[$sheet] ?? 0) + 1;
        $writer->startElement('row');
        foreach ($cells as $cell) {
            $writer->startElement('c');
            if (is_int($cell) || is_float($cell)) {
                $writer->writeElement('v', (string) $cell);
            } else {
                $writer->writeAttribute('t', 'inlineStr');
                $writer->startElement('is');
                $writer->writeElement('t', mb_substr(Cell::of($cell), 0, self::LONGEST));
                $writer->endElement();
            }
            $writer->endElement();
        }
        $writer->endElement();
        if ($this->lines[$sheet] % self::FLUSHED_AFTER === 0) {
            $writer->flush();
        }
    }

    /** @return string path of the file */
    public function close(): string
    {
        $path = $this->folder.'/book.xlsx';
        $archive = new ZipArchive;
        if ($archive->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The workbook could not be written.');
        }
        $types = $relations = $sheets = '';
        foreach (array_keys($this->sheets) as $n => $name) {
            $number = $n + 1;
            $this->sheets[$name]->endElement();
            $this->sheets[$name]->endElement();
            $this->sheets[$name]->flush();
            $archive->addFile("$this->folder/sheet$number.xml", "xl/worksheets/sheet$number.xml");
            $types .= '<Override PartName="/xl/worksheets/sheet'.$number.'.xml" ContentType="'.self::KIND.
                '.worksheet+xml"/>';
            $relations .= '<Relationship Id="r'.$number.'" Type="'.self::OFFICE.'/worksheet" Target="worksheets/sheet'.
                $number.'.xml"/>';
            $sheets .= sprintf(
                '<sheet name="%s" sheetId="%d" r:id="r%d"/>', htmlspecialchars($name, ENT_XML1), $number, $number,
            );
        }
        $head = '<?xml version="1.0" encoding="UTF-8"?>';
        $archive->addFromString('[Content_Types].xml', $head.'<Types xmlns="'.self::PACKAGE.'/content-types">'.
            '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'.
            '<Override PartName="/xl/workbook.xml" ContentType="'.self::KIND.'.sheet.main+xml"/>'.$types.'</Types>');
        $archive->addFromString('_rels/.rels', $head.'<Relationships xmlns="'.self::PACKAGE.'/relationships">'.
            '<Relationship Id="r1" Type="'.self::OFFICE.'/officeDocument" Target="xl/workbook.xml"/></Relationships>');
        $archive->addFromString('xl/workbook.xml', $head.'<workbook xmlns="'.self::MAIN.'" xmlns:r="'.self::OFFICE.
            '"><sheets>'.$sheets.'</sheets></workbook>');
        $archive->addFromString('xl/_rels/workbook.xml.rels', $head.'<Relationships xmlns="'.self::PACKAGE.
            '/relationships">'.$relations.'</Relationships>');
        $archive->close();

        return $path;
    }

    private function begin(int $number): XMLWriter
    {
        $writer = new XMLWriter;
        $writer->openUri("$this->folder/sheet$number.xml");
        $writer->startDocument('1.0', 'UTF-8');
        $writer->startElementNs(null, 'worksheet', self::MAIN);
        $writer->startElement('sheetData');

        return $writer;
    }
}
