<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** What one lesson for all at a place of the walk would bring. */
#[OA\Schema]
final readonly class LessonGainResource
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'students who need it')] public int $students,
        #[OA\Property(description: 'expected passes that it adds, over all of them')] public float $passes,
    ) {}
}
