<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** A part to practice, with what that adds to the chance to pass. */
#[OA\Schema]
final readonly class DrillResource
{
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property] public string $name,
        #[OA\Property] public float $minutes,
        #[OA\Property(description: '0 to 1')] public float $gain,
    ) {}
}
