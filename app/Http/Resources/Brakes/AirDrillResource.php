<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Air\CabDrill;

/** A part of a checklist's brake tests that can be practiced alone. */
#[OA\Schema]
final readonly class AirDrillResource
{
    /**
     * @param  list<string>  $steps
     * @param  object  $shows  ids of faults by vehicle
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: CabDrill::class)] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'psi in both reservoirs at the start')] public float $start_psi,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'names of its tests in their order',
            ),
        ]
        public array $steps,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
                description: 'by vehicle, the faults that a student can find by it',
            ),
        ]
        public object $shows,
    ) {}
}
