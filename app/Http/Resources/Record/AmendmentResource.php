<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Models\Amendment;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class AmendmentResource
{
    /** @param  list<AmendedItemResource>  $items */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $by,
        #[OA\Property] public string $reason,
        #[OA\Property] public string $made_at,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: AmendedItemResource::class),
                description: 'what it changed',
            ),
        ]
        public array $items,
    ) {}

    /** @param  list<AmendedItemResource>  $items */
    public static function of(Amendment $amendment, array $items): self
    {
        return new self(
            $amendment->id, $amendment->by_name ?? $amendment->user->name, $amendment->reason,
            $amendment->made_at->toIso8601ZuluString(), $items,
        );
    }
}
