<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\BrakeTest;

/** A test of which the limit can be said. */
#[OA\Schema]
final readonly class AirLimitResource
{
    public function __construct(
        #[OA\Property(type: 'string', enum: BrakeTest::class)]
        public string $test,
        #[OA\Property]
        public string $label,
    ) {}
}
