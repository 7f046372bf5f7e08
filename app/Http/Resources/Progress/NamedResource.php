<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** Somebody or something by name, with what is to be known of it. */
#[OA\Schema]
final readonly class NamedResource
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(nullable: true, description: 'why it is not there; or why a student is not placed')]
        public ?string $note = null,
        #[OA\Property(nullable: true, description: 'that a student is examined on')]
        public ?int $vehicle_id = null,
    ) {}
}
