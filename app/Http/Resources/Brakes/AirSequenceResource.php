<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;

/** The brake tests of a checklist. */
#[OA\Schema]
final readonly class AirSequenceResource
{
    /**
     * @param  list<string>  $steps
     * @param  list<AirLimitResource>  $limits
     * @param  object  $shows  ids of faults by vehicle
     * @param  list<AirDrillResource>  $drills
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'names of its tests in their order',
            ),
        ]
        public array $steps,
        #[OA\Property] public int $restarts,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: AirLimitResource::class),
                description: 'tests that have a limit to be said',
            ),
        ]
        public array $limits,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
                description: 'by vehicle, the faults that a student can find by it',
            ),
        ]
        public object $shows,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: AirDrillResource::class),
                description: 'parts of it that can be practiced alone',
            ),
        ]
        public array $drills,
    ) {}
}
