<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Vehicle;

use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Vehicle\Vehicle;
use Pasada\Core\Vehicle\VehicleReader;

/** Vehicles for tests, put together of units that follow each other in a yard. */
final class Yard
{
    /** Kind, length in feet, how far its front lies over the unit before it, and its body. */
    private const UNITS = [
        'tractor' => ['day-cab-tractor', 20, 0, 'none'],
        'truck' => ['straight-truck', 20, 0, 'van'],
        'bus' => ['bus', 40, 0, 'bus'],
        'semitrailer' => ['semitrailer', 40, 5, 'van'],
        'dolly' => ['dolly', 8, -1, 'none'],
        'drawbar' => ['drawbar-trailer', 24, -1, 'flatbed'],
    ];

    /**
     * @param  array{string, int}  ...$units  of UNITS, each with its number of axles; what drives has a steer axle more
     * @return array<string, mixed>
     */
    public static function combination(array ...$units): array
    {
        $end = 0;
        $made = [];
        foreach ($units as [$name, $count]) {
            [$kind, $length, $over, $body] = self::UNITS[$name];
            $from = max(0, $end - $over);
            $end = $from + $length;
            $isPowered = $made === [];
            $axles = $isPowered ? [self::axle('steer', $from + 3)] : [];
            for ($n = 0; $n < $count; $n++) {
                $axles[] = self::axle($isPowered ? 'drive' : 'trailer', $end - 2 - 4 * ($count - 1 - $n));
            }
            $made[] = ['kind' => $kind, 'body' => $body, 'from_ft' => $from, 'to_ft' => $end, 'axles' => $axles];
        }

        return [
            'format' => 'pasada-vehicle/2', 'id' => 'yard', 'name' => 'Yard', 'units' => $made, 'doors' => 'swing',
            'transmission' => 'manual',
            'drives' => [
                'alternator' => 'belt', 'water_pump' => 'belt', 'air_compressor' => 'gear', 'steering_pump' => 'gear',
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function doubles(): array
    {
        return self::combination(['tractor', 1], ['semitrailer', 1], ['dolly', 1], ['semitrailer', 1]);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    public static function changed(array $document, int $unit, array $with): array
    {
        $document['units'][$unit] = $with + $document['units'][$unit];

        return $document;
    }

    /** @param  array<string, mixed>  $document */
    public static function read(array $document): Vehicle
    {
        return (new VehicleReader)->read((string) json_encode($document));
    }

    /** @param  array<string, mixed>  $document */
    public static function walk(array $document, string $checklist): Inspection
    {
        $file = dirname(__DIR__, 3)."/checklists/$checklist.json";

        return Inspection::of((new ChecklistReader)->read((string) file_get_contents($file)), self::read($document));
    }

    /** @return array<string, mixed> */
    private static function axle(string $group, float $at): array
    {
        return [
            'group' => $group, 'at_ft' => $at, 'suspension' => 'spring', 'brakes' => 'drum',
            'wheels' => $group === 'steer' ? 'single' : 'dual', 'hub' => 'hub-seal',
        ];
    }
}
