<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Lights\LightPlace;

/** Where a function shows, and in what color. */
#[OA\Schema]
final readonly class LampResource
{
    public function __construct(
        #[OA\Property(type: 'string', enum: LightPlace::class)] public LightPlace $place,
        #[OA\Property] public string $label,
        #[OA\Property] public string $color,
    ) {}
}
