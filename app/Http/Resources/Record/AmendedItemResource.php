<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;
use Pasada\Core\Scoring\ItemStatus;

/** An item that an amendment changed: how it stood before and how it stands after. */
#[OA\Schema]
final readonly class AmendedItemResource
{
    /**
     * @param  list<string>  $was_missing
     * @param  list<string>  $now_missing
     */
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: ItemStatus::class)] public ItemStatus $was,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'points that were not said, in words',
            ),
        ]
        public array $was_missing,
        #[OA\Property(type: 'string', enum: ItemStatus::class)]
        public ItemStatus $now,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $now_missing,
    ) {}
}
