<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** A walk of a week, planned or proposed. */
#[OA\Schema]
final readonly class YardWalkResource
{
    public function __construct(
        #[OA\Property(description: 'when it begins, by the clock of the school: 2026-12-01T08:00')] public string $slot,
        #[OA\Property] public int $student_id,
        #[OA\Property] public int $vehicle_id,
        #[OA\Property] public int $instructor_id,
        #[OA\Property(description: 'set by hand: a proposal plans around it')] public bool $fixed,
        #[OA\Property] public string $why,
    ) {}
}
