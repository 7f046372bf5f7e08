<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;

/** Something that a student may refer to: `from` is an axle or side as a mark names it, `label` how it is read. */
#[OA\Schema]
final readonly class ReferenceResource
{
    public function __construct(
        #[OA\Property]
        public string $from,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'whether this checklist credits it; any can be marked')]
        public bool $credited,
    ) {}
}
