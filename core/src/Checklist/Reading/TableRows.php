<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Table;

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
        return Table::read(
            $csv, ItemTable::COLUMNS, ['stop', 'component', 'name', 'essential'], self::MOST, 'a checklist', $faults,
        );
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
        if ($row['weight'] !== '' && preg_match('/^\d{1,3}$/D', $row['weight']) !== 1) {
            $faults[] = Fault::at(
                "line $line, weight",
                sprintf('"%s" is no whole number from 0 to 100', $row['weight']),
            );
        }
        $bonus = match (strtolower($row['bonus'])) {
            '', 'no', 'false', '0' => false,
            'yes', 'true', '1' => true,
            default => null,
        };
        if ($bonus === null) {
            $faults[] = Fault::at("line $line, bonus", sprintf('"%s" is neither yes nor no', $row['bonus']));
        }

        return [
            'name' => $row['name'],
            'essential' => $points('essential'),
            'further' => $points('further'),
            'weight' => $row['weight'] === '' ? 1 : (int) $row['weight'],
            'bonus' => $bonus ?? false,
        ];
    }
}
