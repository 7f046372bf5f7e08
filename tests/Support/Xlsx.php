<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use ZipArchive;

/** A workbook that a test makes up: cells of one sheet, a formula with the value that was saved with it. */
final readonly class Xlsx
{
    /**
     * @param  array<int, list<string|array{string, string}>>  $rows  by line: texts, or a formula and its saved value
     * @return string the file
     */
    public static function of(array $rows): string
    {
        $sheet = '';
        foreach ($rows as $line => $cells) {
            $sheet .= "<row r=\"$line\">";
            foreach ($cells as $at => $cell) {
                $address = chr(65 + $at).$line;
                $sheet .= is_array($cell)
                    ? "<c r=\"$address\" t=\"str\"><f>".self::escaped($cell[0]).'</f><v>'.
                        self::escaped($cell[1]).'</v></c>'
                    : "<c r=\"$address\" t=\"inlineStr\"><is><t>".self::escaped($cell).'</t></is></c>';
            }
            $sheet .= '</row>';
        }
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        $office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006';
        $kind = 'application/vnd.openxmlformats-officedocument.spreadsheetml';

        return self::archive([
            '[Content_Types].xml' => "<Types xmlns=\"$package/content-types\">".
                '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'.
                "<Override PartName=\"/xl/workbook.xml\" ContentType=\"$kind.sheet.main+xml\"/>".
                "<Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"$kind.worksheet+xml\"/></Types>",
            '_rels/.rels' => "<Relationships xmlns=\"$package/relationships\"><Relationship Id=\"r1\" ".
                "Type=\"$office/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>",
            'xl/workbook.xml' => "<workbook xmlns=\"$main\" xmlns:r=\"$office\"><sheets>".
                '<sheet name="List" sheetId="1" r:id="r1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => "<Relationships xmlns=\"$package/relationships\"><Relationship Id=\"r1\" ".
                "Type=\"$office/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>",
            'xl/worksheets/sheet1.xml' => "<worksheet xmlns=\"$main\"><sheetData>$sheet</sheetData></worksheet>",
        ]);
    }

    /** @param  array<string, string>  $files  by name */
    public static function archive(array $files): string
    {
        $path = tempnam(sys_get_temp_dir(), 'xlsx');
        $archive = new ZipArchive;
        if ($path === false || $archive->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('No archive could be made.');
        }
        foreach ($files as $name => $content) {
            $archive->addFromString($name, $content);
        }
        $archive->close();
        $made = (string) file_get_contents($path);
        unlink($path);

        return $made;
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1);
    }
}
