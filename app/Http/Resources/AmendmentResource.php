<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Amendment;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class AmendmentResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public string $made_at,
    ) {}

    public static function of(Amendment $amendment): self
    {
        return new self($amendment->id, $amendment->user->name, $amendment->reason, $amendment->made_at->toIso8601ZuluString());
    }
}
