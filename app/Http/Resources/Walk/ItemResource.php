<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Item;

#[OA\Schema]
final readonly class ItemResource
{
    /**
     * @param  list<PointResource>  $essential
     * @param  list<PointResource>  $further
     * @param  list<FigureResource>  $figures
     * @param  list<string>  $aliases  what else it is called
     * @param  list<string>  $parts  names of the parts asked as this one item
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $component,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $where,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PointResource::class))]
        public array $essential,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PointResource::class))]
        public array $further,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FigureResource::class))]
        public array $figures,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $parts,
        #[OA\Property]
        public bool $two_sided,
        #[OA\Property]
        public bool $bonus,
        #[OA\Property(description: 'false for a part that has to be waved by word')]
        public bool $fitted,
        #[OA\Property(nullable: true, description: 'what is known to be wrong with it on this vehicle')]
        public ?string $defect,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $aliases,
        #[OA\Property(nullable: true, description: 'set of a part of the light check')]
        public ?LightResource $light,
    ) {}

    public static function of(Item $item, Coach $coach): self
    {
        $points = static fn (PointSet $set): array => array_map(
            static fn (Point $point): PointResource => new PointResource(
                $point->value,
                $coach->label($point),
                $coach->phrase($item, $point),
            ),
            $set->points(),
        );

        return new self(
            $item->id,
            $item->component,
            $item->name,
            $item->position->label(),
            $points($item->essential),
            $points($item->further),
            array_map(
                static fn (Figure $figure): FigureResource => FigureResource::of($figure),
                array_values($item->figures),
            ),
            $item->parts,
            $item->twoSided,
            $item->bonus,
            $item->fitted,
            $item->defect,
            $coach->aliases($item),
            $item->light === null ? null : LightResource::of($item->light),
        );
    }
}
