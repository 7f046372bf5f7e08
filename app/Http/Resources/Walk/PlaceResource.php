<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Inspection\ReferenceChoices;

/** A place where the student stands; `axles` are ids of the vehicle's axles. */
#[OA\Schema]
final readonly class PlaceResource
{
    /**
     * @param  list<string>  $axles
     * @param  list<ItemResource>  $items
     * @param  list<ReferenceResource>  $references  what a student standing here may refer to
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
        #[OA\Property(nullable: true, description: 'steer, drive or trailer; set at an axle')]
        public ?string $group,
        #[OA\Property(nullable: true, description: 'the unit that it is at, where each unit is asked')]
        public ?string $unit,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $axles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemResource::class))]
        public array $items,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReferenceResource::class))]
        public array $references,
    ) {}

    public static function of(Place $place, Inspection $inspection, Coach $coach): self
    {
        return new self(
            $place->id, $place->name, $place->section, $place->zone, $place->group?->value, $place->unit, $place->axles,
            array_map(static fn (Item $item): ItemResource => ItemResource::of($item, $coach), $place->items),
            [
                ...self::references(ReferenceChoices::at($inspection, $place), true),
                ...self::references(ReferenceChoices::uncredited($inspection, $place), false),
            ]);
    }

    /**
     * @param  array<string, string>  $choices
     * @return list<ReferenceResource>
     */
    private static function references(array $choices, bool $credited): array
    {
        return array_map(
            static fn (string $from): ReferenceResource => new ReferenceResource($from, $choices[$from], $credited),
            array_map(strval(...), array_keys($choices)),
        );
    }
}
