<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** What to practice in one sitting. */
#[OA\Schema]
final readonly class SessionResource
{
    /** @param  list<DrillResource>  $drills */
    public function __construct(
        #[OA\Property(nullable: true, description: 'null for now')] public ?string $on,
        #[OA\Property] public float $minutes,
        #[OA\Property(description: 'of the chance to pass, 0 to 1')] public float $gain,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DrillResource::class))] public array $drills,
    ) {}
}
