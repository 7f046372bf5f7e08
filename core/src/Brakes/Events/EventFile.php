<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

use Pasada\Core\Brakes\Air\TraceWriter;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Document\Table;

/**
 * Events from outside, in any of the open formats: a list of events as JSON or as a table, or a trace of pressures as a
 * logger or `pasada:air` writes it, whose samples are readings.
 */
final readonly class EventFile
{
    public const COLUMNS = ['at_ms', 'kind', 'to', 'value', 'primary', 'secondary', 'test', 'text'];

    private const FIGURES = ['at_ms', 'value', 'primary', 'secondary'];

    private const MOST_ROWS = 20_000;

    /**
     * @return list<BrakeEvent>
     *
     * @throws DocumentHasFaults naming the line or the place, and the remedy
     */
    public static function read(string $content, string $name): array
    {
        $content = str_starts_with($content, "\u{FEFF}") ? substr($content, 3) : $content;
        if (str_starts_with(ltrim($content), '{')) {
            $document = json_decode($content, true);

            return is_array($document) && isset($document['samples'])
                ? self::trace($document, $name)
                : (new EventReader())->read($content, $name);
        }
        $faults = [];
        $first = strtok($content, "\n");
        if ($first === false || stripos($first, 'at_ms') === false) {
            throw DocumentHasFaults::in($name, [
                Fault::at(
                    '',
                    'is neither JSON nor a table: give {"events": [...]}, or a first line with the columns at_ms and '.
                        'kind, or of a trace at_ms, primary and secondary',
                ),
            ]);
        }
        $isTrace = stripos($first, 'kind') === false && stripos($first, 'primary') !== false;
        $rows = $isTrace
            ? Table::read(
                $content, TraceWriter::COLUMNS, ['at_ms', 'primary', 'secondary'], self::MOST_ROWS, 'a trace', $faults,
            )
            : Table::read($content, self::COLUMNS, ['at_ms', 'kind'], self::MOST_ROWS, 'a list of events', $faults);
        if ($faults !== []) {
            throw DocumentHasFaults::in($name, $faults);
        }

        return self::ofRows($isTrace ? array_map(self::reading(...), $rows) : $rows, $name);
    }

    /** @param  list<BrakeEvent>  $events */
    public static function table(array $events): string
    {
        return Table::write(
            self::COLUMNS,
            array_map(
                static fn (BrakeEvent $event): array => array_values([
                    ...array_fill_keys(self::COLUMNS, null),
                    ...EventWriter::write($event),
                ]),
                $events,
            ),
        );
    }

    /**
     * @param  array<int, array<string, string>>  $rows  by line
     * @return list<BrakeEvent>
     */
    private static function ofRows(array $rows, string $name): array
    {
        $events = array_map(self::typed(...), array_values($rows));
        $lines = array_keys($rows);
        try {
            return (new EventReader)->read((string) json_encode(['events' => $events]), $name);
        } catch (DocumentHasFaults $found) {
            // Whoever has the table before them looks for a line.
            throw DocumentHasFaults::in(
                $name,
                array_map(
                    static fn (Fault $fault): Fault => Fault::at(
                        (string) preg_replace_callback(
                            '/^events\[(\d+)\]\.?/',
                            static fn (array $match): string => 'line '.($lines[(int) $match[1]] ?? '?').', ',
                            $fault->path,
                        ),
                        $fault->message,
                    ),
                    $found->faults,
                ),
            );
        }
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, int|float|string>
     */
    private static function typed(array $row): array
    {
        $typed = [];
        foreach (array_filter($row, static fn (string $cell): bool => $cell !== '') as $column => $cell) {
            $typed[$column] = in_array($column, self::FIGURES, true) && is_numeric($cell) ? $cell + 0 : $cell;
        }

        return $typed;
    }

    /**
     * @param  array<string, string>  $row  of a trace
     * @return array<string, string>
     */
    private static function reading(array $row): array
    {
        return [
            'at_ms' => $row['at_ms'],
            'kind' => EventKind::Reading->value,
            'primary' => $row['primary_gauge'] === '' ? $row['primary'] : $row['primary_gauge'],
            'secondary' => $row['secondary'],
        ];
    }

    /**
     * @param  array<mixed>  $document
     * @return list<BrakeEvent>
     */
    private static function trace(array $document, string $name): array
    {
        $readings = [];
        foreach (is_array($document['samples']) ? $document['samples'] : [] as $sample) {
            $sample = is_array($sample) ? $sample : [];
            $readings[] = array_filter(
                [
                    'at_ms' => $sample['at_ms'] ?? null,
                    'kind' => EventKind::Reading->value,
                    'primary' => $sample['primary_gauge'] ?? ($sample['primary'] ?? null),
                    'secondary' => $sample['secondary'] ?? null,
                ],
                static fn (mixed $value): bool => $value !== null,
            );
        }
        $read = (new EventReader)->read((string) json_encode(['events' => $readings]), $name.', samples');
        $events = (new EventReader)->read((string) json_encode(['events' => $document['events'] ?? []]), $name);
        $all = [...$read, ...$events];
        usort($all, static fn (BrakeEvent $a, BrakeEvent $b): int => $a->atMs <=> $b->atMs);

        return $all;
    }
}
