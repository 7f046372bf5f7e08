<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** How a student does in one brake test. */
#[OA\Schema]
final readonly class BrakeChanceResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'times in the vehicle')] public int $tried,
        #[OA\Property] public int $passed,
        #[OA\Property(description: 'times in the Air cab')] public int $in_cab,
        #[OA\Property] public int $passed_in_cab,
        #[OA\Property(description: 'to pass it next time, 0 to 1')] public float $chance,
        #[OA\Property] public float $low,
        #[OA\Property] public float $high,
    ) {}
}
