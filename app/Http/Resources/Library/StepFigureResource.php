<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\StepSetting;

/** A figure that a checklist can set for a brake test. */
#[OA\Schema]
final readonly class StepFigureResource
{
    public function __construct(
        #[OA\Property(type: 'string', enum: StepSetting::class)]
        public string $key,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $unit,
    ) {}
}
