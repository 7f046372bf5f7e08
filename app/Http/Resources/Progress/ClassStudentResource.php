<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;
use Pasada\Core\Progress\Readiness\Ready;

/** A student in the class view. */
#[OA\Schema]
final readonly class ClassStudentResource
{
    /** @param  list<int|null>  $weeks */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $class_name,
        #[OA\Property(nullable: true)] public ?string $exam_on,
        #[OA\Property] public string $vehicle,
        #[OA\Property(nullable: true, description: 'who scored the last walk')] public ?string $instructor,
        #[OA\Property] public int $attempts,
        #[OA\Property(nullable: true, description: 'when the last walk began')] public ?string $last_attempt_at,
        #[OA\Property(type: 'string', enum: Ready::class)] public Ready $ready,
        #[OA\Property(nullable: true, description: 'to pass, 0 to 1; null where too little is known')]
        public ?float $chance,
        #[OA\Property] public ?float $low,
        #[OA\Property] public ?float $high,
        #[OA\Property] public string $limits,
        #[OA\Property(nullable: true, description: 'what to practice first')] public ?DrillResource $first,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'integer', nullable: true),
                description: 'best share of each of the last eight weeks, in thousandths, oldest first',
            ),
        ]
        public array $weeks,
        #[OA\Property(description: 'whether it is still being worked out')] public bool $is_fitting,
    ) {}
}
