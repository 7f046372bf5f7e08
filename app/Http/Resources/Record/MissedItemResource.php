<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;

/** How often an item was asked of a student and not earned. */
#[OA\Schema]
final readonly class MissedItemResource
{
    public function __construct(
        #[OA\Property]
        public string $item,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $asked,
        #[OA\Property]
        public int $missed,
    ) {}
}
