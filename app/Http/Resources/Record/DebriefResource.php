<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;

/** One of the few things to say first after a walk. */
#[OA\Schema]
final readonly class DebriefResource
{
    public function __construct(
        #[OA\Property(description: 'the part, with the axles and sides that lack the same')]
        public string $name,
        #[OA\Property(description: 'the words to use next time: of all of it, or of what was not said')]
        public string $say,
        #[OA\Property(description: 'thousandths of all credit that it would have brought, rounded down')]
        public int $permille,
        #[OA\Property(nullable: true, description: 'the defect it was recited over')]
        public ?string $defect,
    ) {}
}
