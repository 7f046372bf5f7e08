<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** A chance with what it is of, 0 to 1. */
#[OA\Schema]
final readonly class ChanceResource
{
    public function __construct(#[OA\Property] public string $of, #[OA\Property] public float $chance) {}
}
