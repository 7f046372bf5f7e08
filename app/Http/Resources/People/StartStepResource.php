<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use OpenApi\Attributes as OA;

/** One step before the first walk of a school. */
#[OA\Schema]
final readonly class StartStepResource
{
    public function __construct(
        #[OA\Property(type: 'string', enum: StartStep::class)] public StartStep $step,
        #[OA\Property] public bool $done,
    ) {}
}
