<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Models\Rehearsal;
use OpenApi\Attributes as OA;

/** A rehearsal in a list. */
#[OA\Schema]
final readonly class RehearsalResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'what was rehearsed')] public string $label,
        #[OA\Property] public string $begun_at,
        #[OA\Property(description: 'items')] public int $asked,
        #[OA\Property(description: 'items said whole')] public int $whole,
        #[OA\Property(description: 'share of the credit')] public int $permille,
    ) {}

    public static function of(Rehearsal $one): self
    {
        return new self(
            $one->id, $one->label, $one->begun_at->toIso8601ZuluString(), $one->asked, $one->whole, $one->permille,
        );
    }
}
