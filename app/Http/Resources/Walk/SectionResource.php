<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;

/** `short` is a word or two for the drawing. */
#[OA\Schema]
final readonly class SectionResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $short,
        #[OA\Property]
        public ?int $time_allowed_seconds,
    ) {}
}
