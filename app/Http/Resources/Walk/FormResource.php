<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;

/** A form that can be drawn; `weight` is its chance beside the others. */
#[OA\Schema]
final readonly class FormResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $weight,
    ) {}
}
