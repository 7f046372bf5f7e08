<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** What is mixed up most about an item's figure. */
#[OA\Schema]
final readonly class UsualMistakeResource
{
    public function __construct(#[OA\Property] public string $item, #[OA\Property] public string $said) {}
}
