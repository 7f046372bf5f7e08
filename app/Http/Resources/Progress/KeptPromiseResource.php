<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** How well chances were kept by real exams: of those foretold within these bounds, how many were passed. */
#[OA\Schema]
final readonly class KeptPromiseResource
{
    public function __construct(
        #[OA\Property(description: 'percent')] public int $from,
        #[OA\Property] public int $to,
        #[OA\Property] public int $exams,
        #[OA\Property] public int $passed,
        #[OA\Property(description: 'passes that had been expected')] public float $expected,
    ) {}
}
