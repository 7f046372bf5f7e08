<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\Fault;

/** Reads the rows of a table of items, as any spreadsheet saves them, and tells what is wrong with each line. */
final readonly class TableRows
{
    private const MOST = 2000;

    /**
     * @param  list<Fault>  $faults  by reference
     * @return array<int, array<string, string>> by line in the file
     */
    public static function read(string $csv, array &$faults): array
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
        $header = array_map(static fn (?string $cell): string => strtolower(trim((string) $cell)), $heading === false ? [] : $heading);
        foreach (array_diff(['stop', 'component', 'name', 'essential'], $header) as $missing) {
            $faults[] = Fault::at('line 1', sprintf('has no column "%s"; the columns are %s', $missing, implode(', ', ItemTable::COLUMNS)));
        }
        if ($faults !== []) {
            return [];
        }
        $rows = [];
        for ($line = 2; ($cells = fgetcsv($memory, null, $separator, '"', '')) !== false; $line++) {
            if ($cells === [null] || implode('', $cells) === '') {
                continue;
            }
            if (count($rows) === self::MOST) {
                $faults[] = Fault::at("line $line", sprintf('is more than the %d rows that a checklist can have', self::MOST));

                break;
            }
            $row = array_fill_keys(ItemTable::COLUMNS, '');
            foreach ($header as $place => $column) {
                $row[$column] = trim($cells[$place] ?? '');
            }
            $rows[$line] = $row;
        }
        if ($rows === [] && $faults === []) {
            $faults[] = Fault::at('', 'holds no row below its heading');
        }

        return $rows;
    }

    private static function separator(string $line): string
    {
        $counts = [',' => substr_count($line, ','), ';' => substr_count($line, ';'), "\t" => substr_count($line, "\t")];
        arsort($counts);

        return array_key_first($counts);
    }

    /**
     * @param  array<string, string>  $row
     * @param  list<Fault>  $faults  by reference
     * @return array<string, mixed>
     */
    public static function component(array $row, int $line, array &$faults): array
    {
        $points = static function (string $column) use ($row, $line, &$faults): array {
            $codes = preg_split('/[\s,]+/', $row[$column], -1, PREG_SPLIT_NO_EMPTY);
            foreach ($codes === false ? [] : $codes as $code) {
                if (Point::tryFrom($code) === null) {
                    $faults[] = Fault::at("line $line, $column", sprintf('"%s" is not a known point', $code));
                }
            }

            return $codes === false ? [] : $codes;
        };
        if ($row['name'] === '') {
            $faults[] = Fault::at("line $line, name", 'asks for a text that is not empty');
        }
        if ($row['weight'] !== '' && preg_match('/^\d{1,3}$/', $row['weight']) !== 1) {
            $faults[] = Fault::at("line $line, weight", sprintf('"%s" is no whole number from 0 to 100', $row['weight']));
        }
        $bonus = match (strtolower($row['bonus'])) {
            '', 'no', 'false', '0' => false,
            'yes', 'true', '1' => true,
            default => null,
        };
        if ($bonus === null) {
            $faults[] = Fault::at("line $line, bonus", sprintf('"%s" is neither yes nor no', $row['bonus']));
        }

        return ['name' => $row['name'], 'essential' => $points('essential'), 'further' => $points('further'), 'weight' => $row['weight'] === '' ? 1 : (int) $row['weight'], 'bonus' => $bonus ?? false];
    }
}
