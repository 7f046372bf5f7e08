<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;

/** Writes the items of an inspection as plain rows, for JSON and CSV. */
final readonly class ItemWriter
{
    /** The columns of a row, in order. */
    public const COLUMNS = [
        'rank', 'id', 'component', 'name', 'axle', 'side', 'section', 'place', 'essential', 'further', 'weight',
        'figures',
    ];

    /**
     * One row per item in walking order. Points are codes parted by spaces; figures are `point: words (source)`
     * parted by semicolons; `axle` and `side` are null off the axles and sides.
     *
     * @return list<array{
     *    rank: int, id: string, component: string, name: string, axle: ?string, side: ?string, section: string,
     *    place: string, essential: string, further: string, weight: int, figures: string,
     * }>
     */
    public static function rows(Inspection $inspection): array
    {
        return array_map(static fn (Item $item): array => [
            'rank' => $item->rank,
            'id' => $item->id,
            'component' => $item->component,
            'name' => $item->fullName(),
            'axle' => $item->position->axle,
            'side' => $item->position->side?->value,
            'section' => $item->section,
            'place' => $item->place,
            'essential' => implode(' ', self::codes($item->essential)),
            'further' => implode(' ', self::codes($item->further)),
            'weight' => $item->weight,
            'figures' => self::figures($item),
        ], array_values($inspection->items));
    }

    /** @return list<string> */
    private static function codes(PointSet $points): array
    {
        return array_map(static fn (Point $point): string => $point->value, $points->points());
    }

    private static function figures(Item $item): string
    {
        $said = [];
        foreach ($item->figures as $point => $figure) {
            $said[] = sprintf('%s: %s (%s)', $point, $figure->said(), $figure->source);
        }

        return implode('; ', $said);
    }
}
