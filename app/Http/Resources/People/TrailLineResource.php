<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use OpenApi\Attributes as OA;

/** One line of the trail. */
#[OA\Schema]
final readonly class TrailLineResource
{
    public function __construct(
        #[OA\Property] public int $position,
        #[OA\Property] public string $at,
        #[OA\Property] public string $who,
        #[OA\Property] public string $did,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $record,
        #[OA\Property(type: 'object', nullable: true)] public ?object $before,
        #[OA\Property(type: 'object', nullable: true)] public ?object $after,
        #[OA\Property] public string $address,
        #[OA\Property] public string $digest,
    ) {}
}
