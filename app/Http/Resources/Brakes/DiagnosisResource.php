<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use OpenApi\Attributes as OA;

/** What was wrong with the truck of a practice, whether the student found it, and what showed it. */
#[OA\Schema]
final readonly class DiagnosisResource
{
    /** @param  list<string>  $shown_by */
    public function __construct(
        #[OA\Property]
        public string $fault,
        #[OA\Property(nullable: true, description: 'what the student said was wrong; null where nothing was said')]
        public ?string $suspected,
        #[OA\Property(nullable: true, description: 'null where it was known from the start')] public ?bool $found,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'steps that showed it, with their figures',
            ),
        ]
        public array $shown_by,
        #[OA\Property(description: 'how to tell it from its neighbors')]
        public string $told_apart,
    ) {}
}
