<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;

/** One rule of the pass mark, held against the score. */
#[OA\Schema]
final readonly class CheckResource
{
    public function __construct(
        #[OA\Property]
        public bool $met,
        #[OA\Property]
        public string $said,
        /** What would have been enough; empty where it is met. */
        #[OA\Property]
        public string $enough,
    ) {}
}
