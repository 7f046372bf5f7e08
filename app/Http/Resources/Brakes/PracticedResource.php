<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;

/** A practice in the cab, judged. */
#[OA\Schema]
final readonly class PracticedResource
{
    /**
     * @param  list<BrakeStepResource>  $steps
     * @param  list<array{int|float, int|float, int|float}>  $trace
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BrakeStepResource::class))] public array $steps,
        #[
            OA\Property(
                type: 'string',
                enum: Standing::class,
                description: 'of what the student did, whatever is wrong with the truck',
            ),
        ]
        public Standing $standing,
        #[OA\Property(nullable: true)] public ?string $cause,
        #[OA\Property] public int $restarts,
        #[OA\Property] public int $restarts_allowed,
        #[
            OA\Property(
                nullable: true,
                description: 'the diagnosis beside the procedure, once the practice is over; null on a sound truck',
            ),
        ]
        public ?DiagnosisResource $diagnosis,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
                description: 'rows of ms, primary and secondary psi',
            ),
        ]
        public array $trace,
        #[OA\Property(description: 'practices of this user so far')]
        public int $practices,
        #[OA\Property]
        public int $passed,
    ) {}
}
