<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use OpenApi\Attributes as OA;

/** Where an account is signed in. */
#[OA\Schema(schema: 'AccountSessionResource')]
final readonly class SessionResource
{
    public function __construct(
        #[OA\Property(description: 'stands for it; opens nothing')] public string $id,
        #[OA\Property] public string $address,
        #[OA\Property] public string $browser,
        #[OA\Property] public string $last_seen_at,
        #[OA\Property] public bool $is_this,
    ) {}
}
