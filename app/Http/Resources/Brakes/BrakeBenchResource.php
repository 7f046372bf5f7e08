<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;

/** The brake tests of an attempt: the sequence with its verdicts, and what was observed. */
#[OA\Schema]
final readonly class BrakeBenchResource
{
    /**
     * @param  list<BrakeStepResource>  $steps
     * @param  list<object>  $events
     * @param  list<object>  $taken_back
     * @param  list<object>  $seen
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BrakeStepResource::class))]
        public array $steps,
        #[OA\Property(type: 'string', enum: Standing::class)]
        public Standing $standing,
        #[OA\Property(nullable: true, description: 'what broke first')]
        public ?string $cause,
        #[OA\Property]
        public int $restarts,
        #[OA\Property]
        public int $restarts_allowed,
        #[OA\Property(description: 'whether one wrong step fails the inspection')]
        public bool $critical,
        #[OA\Property]
        public bool $combination,
        #[OA\Property]
        public bool $has_hand_valve,
        #[OA\Property(description: 'whether the parking brakes are valves in the cab')]
        public bool $has_valves,
        #[OA\Property(description: 'whether there are air gauges to read')]
        public bool $has_gauges,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/BrakeObservation'))]
        public array $events,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/BrakeObservation'))]
        public array $taken_back,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'object', additionalProperties: true),
                description: 'marks of items beside the steps that were seen, as the chocks; without ids',
            ),
        ]
        public array $seen,
    ) {}
}
