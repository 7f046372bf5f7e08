<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The brake tests of a checklist. */
#[OA\Schema]
final readonly class AirSequenceResource
{
    /** @param  list<string>  $steps */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'names of its tests in their order')]
        public array $steps,
        #[OA\Property]
        public int $restarts,
    ) {}
}
