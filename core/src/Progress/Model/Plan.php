<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Model;

use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/** The items of a walk by number, each with the place and the component that it has in common with others. */
final readonly class Plan
{
    /**
     * @param  list<string>  $ids  of the items, in walking order
     * @param  array<string, int>  $numbers  of the items, by id
     * @param  list<int>  $places  number of each item's place
     * @param  list<int>  $components  number of each item's component
     */
    private function __construct(
        public array $ids,
        public array $numbers,
        public array $places,
        public array $components,
        public int $placeCount,
        public int $componentCount,
    ) {}

    public static function of(Inspection $inspection): self
    {
        $ids = array_keys($inspection->items);
        $places = $components = [];
        $ofPlaces = $ofComponents = [];
        foreach ($inspection->items as $item) {
            $ofPlaces[] = $places[self::stop($inspection, $item)] ??= count($places);
            $ofComponents[] = $components[$item->component] ??= count($components);
        }

        return new self($ids, array_flip($ids), $ofPlaces, $ofComponents, count($places), count($components));
    }

    /** The axles of a tandem are one place: who forgets the lining at one forgets it at the other. */
    private static function stop(Inspection $inspection, Item $item): string
    {
        return $inspection->place($item->place)->stop ?? $item->place;
    }
}
