<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Reading;

use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Table;

/**
 * What a checklist asks as a table for a spreadsheet: one row per component at each stop, in walking order.
 *
 * Reading lays a table over a document: rules, figures, stops and what the table has no column for stay as they are.
 */
final readonly class ItemTable
{
    public const COLUMNS = ['section', 'stop', 'component', 'name', 'essential', 'further', 'weight', 'bonus'];

    /** @param  array<mixed>  $document  a checklist that was read without faults, decoded */
    public static function write(array $document): string
    {
        $components = [];
        foreach (self::list($document, 'components') as $component) {
            $components[self::text($component, 'id')] = $component;
        }
        $rows = [];
        foreach (self::list($document, 'sections') as $section) {
            foreach (self::list($section, 'stops') as $stop) {
                foreach (self::words($stop, 'asks') as $id) {
                    $component = $components[$id] ?? [];
                    $rows[] = [
                        self::text($section, 'id'),
                        self::text($stop, 'id'),
                        $id,
                        self::text($component, 'name'),
                        implode(' ', self::words($component, 'essential')),
                        implode(' ', self::words($component, 'further')),
                        is_int($component['weight'] ?? null) ? (string) $component['weight'] : '1',
                        ($component['bonus'] ?? false) === true ? 'yes' : '',
                    ];
                }
            }
        }

        return Table::write(self::COLUMNS, $rows);
    }

    /**
     * The document with the table merged into it. Commas, semicolons and tabs are understood, and a byte-order mark is
     * passed over; the order of the columns is free.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     *
     * @throws DocumentHasFaults with every fault and its line
     */
    public static function mergeInto(array $document, string $csv, string $name = 'table'): array
    {
        $faults = [];
        $stops = self::stops($document);
        $asks = $components = [];
        foreach (TableRows::read($csv, $faults) as $line => $row) {
            if (! isset($stops[$row['stop']])) {
                $faults[] = Fault::at(
                    "line $line, stop",
                    sprintf(
                        '"%s" is no stop of this checklist; it has %s',
                        $row['stop'],
                        implode(', ', array_keys($stops)),
                    ),
                );

                continue;
            }
            $component = TableRows::component($row, $line, $faults);
            $known = $components[$row['component']] ?? $component;
            if ($known !== $component) {
                $faults[] = Fault::at(
                    "line $line",
                    sprintf(
                        '"%s" stands in an earlier line with other points, name or weight; make them the same',
                        $row['component'],
                    ),
                );
            }
            $components[$row['component']] = $component;
            $asks[$row['stop']][] = $row['component'];
        }
        if ($faults !== []) {
            throw DocumentHasFaults::in($name, $faults);
        }

        return self::replaced($document, $components, $asks);
    }

    /**
     * @param  array<mixed>  $document
     * @param  array<string, array<string, mixed>>  $components
     * @param  array<string, list<string>>  $asks
     * @return array<mixed>
     */
    private static function replaced(array $document, array $components, array $asks): array
    {
        $merged = $parts = [];
        foreach (self::list($document, 'components') as $component) {
            $parts = [...$parts, ...self::words($component, 'parts')];
        }
        foreach (self::list($document, 'components') as $component) {
            $id = self::text($component, 'id');
            if (isset($components[$id])) {
                $merged[] = self::withRow($component, $components[$id]);
                unset($components[$id]);
            } elseif (in_array($id, $parts, true)) {
                $merged[] = $component;
            }
        }
        foreach ($components as $id => $component) {
            $merged[] = self::withRow(['id' => $id], $component);
        }
        $document['components'] = $merged;
        $sections = self::list($document, 'sections');
        foreach ($sections as $at => $section) {
            $stops = [];
            foreach (self::list($section, 'stops') as $stop) {
                $asked = $asks[self::text($stop, 'id')] ?? [];
                if ($asked !== []) {
                    $stops[] = ['asks' => $asked] + $stop;
                }
            }
            $sections[$at] = ['stops' => $stops] + $section;
        }
        $document['sections'] = array_values(
            array_filter($sections, static fn (array $section): bool => $section['stops'] !== []),
        );

        return $document;
    }

    /**
     * A component with a row's values; what says no more than the default is left out, as in the shipped files.
     *
     * @param  array<mixed>  $component
     * @param  array<string, mixed>  $row
     * @return array<mixed>
     */
    private static function withRow(array $component, array $row): array
    {
        $replaced = array_replace($component, $row);
        foreach (['essential' => [], 'further' => [], 'weight' => 1, 'bonus' => false] as $key => $default) {
            if ($replaced[$key] === $default) {
                unset($replaced[$key]);
            }
        }

        return $replaced;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, true>
     */
    private static function stops(array $document): array
    {
        $stops = [];
        foreach (self::list($document, 'sections') as $section) {
            foreach (self::list($section, 'stops') as $stop) {
                $stops[self::text($stop, 'id')] = true;
            }
        }

        return $stops;
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<mixed>>
     */
    private static function list(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? array_values(array_filter($of[$key], is_array(...))) : [];
    }

    /**
     * @param  array<mixed>  $of
     * @return list<string>
     */
    private static function words(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? array_values(array_filter($of[$key], is_string(...))) : [];
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $key): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : '';
    }
}
