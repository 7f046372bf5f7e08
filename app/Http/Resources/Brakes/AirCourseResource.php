<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;

/** What the needles do ahead: rows of ms, primary and secondary gauge in psi, and whether the warning is on. */
#[OA\Schema]
final readonly class AirCourseResource
{
    /**
     * @param  list<array{int, float, float, int}>  $samples
     * @param  list<object>  $events
     * @param  list<RefusedControlResource>  $refused
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))]
        public array $samples,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/BrakeEvent'))] public array $events,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
                description: 'where each control stands once the last was touched, by kind',
            ),
        ]
        public object $states,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RefusedControlResource::class))]
        public array $refused,
    ) {}
}
