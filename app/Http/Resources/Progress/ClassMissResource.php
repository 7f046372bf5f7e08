<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** What the class as a whole misses, in the walks of the last weeks. */
#[OA\Schema]
final readonly class ClassMissResource
{
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property] public string $name,
        #[OA\Property] public int $asked,
        #[OA\Property] public int $missed,
        #[OA\Property] public int $asked_before,
        #[OA\Property(description: 'in as many weeks before')] public int $missed_before,
    ) {}
}
