<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

use Pasada\Core\Brakes\Events\EventWriter;

/** A trace in the open formats: JSON, and rows of a CSV. */
final readonly class TraceWriter
{
    public const COLUMNS = ['at_ms', 'supply', 'primary', 'secondary', 'trailer', 'primary_gauge', 'warning'];

    /** @return array<string, mixed> */
    public static function write(AirTrace $trace): array
    {
        return [
            'samples' => array_map(
                static fn (array $row): array => array_combine(self::COLUMNS, $row),
                self::rows($trace),
            ),
            'events' => array_map(EventWriter::write(...), $trace->events),
        ];
    }

    /** @return list<list<int|float>> pressures in psi to two decimals; a warning is 1 */
    public static function rows(AirTrace $trace): array
    {
        return array_map(
            static fn (AirSample $sample): array => [
                $sample->atMs,
                round($sample->supply, 2),
                round($sample->primary, 2),
                round($sample->secondary, 2),
                round($sample->trailer, 2),
                round($sample->primaryGauge, 2),
                $sample->warning ? 1 : 0,
            ],
            $trace->samples,
        );
    }
}
