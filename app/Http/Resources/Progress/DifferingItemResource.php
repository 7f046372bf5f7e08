<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** An item that two scorers see differently, farther apart than chance would have them. */
#[OA\Schema]
final readonly class DifferingItemResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'who sees it earned most often')] public string $high,
        #[OA\Property] public string $low,
        #[OA\Property(description: 'difference of the shares, 0 to 1')] public float $apart,
    ) {}
}
