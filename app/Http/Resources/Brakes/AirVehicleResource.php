<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;

/** A vehicle whose cab can be sat in. */
#[OA\Schema]
final readonly class AirVehicleResource
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public bool $combination,
        #[OA\Property]
        public bool $has_hand_valve,
        #[OA\Property]
        public bool $is_manual,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(
                    type: 'array',
                    items: new OA\Items(ref: '#/components/schemas/BrakeEvent'),
                ),
                description: 'by drill, how the controls stand at its start',
            ),
        ]
        public object $begins,
    ) {}
}
