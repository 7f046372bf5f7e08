<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;

/** A place where the student stands; `axles` are ids of the vehicle's axles. */
#[OA\Schema]
final readonly class PlaceResource
{
    /**
     * @param  list<string>  $axles
     * @param  list<ItemResource>  $items
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $section,
        #[OA\Property(type: 'string', enum: Zone::class)]
        public Zone $zone,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $axles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemResource::class))]
        public array $items,
    ) {}

    public static function of(Place $place, Coach $coach): self
    {
        return new self($place->id, $place->name, $place->section, $place->zone, $place->axles,
            array_map(static fn (Item $item): ItemResource => ItemResource::of($item, $coach), $place->items));
    }
}
