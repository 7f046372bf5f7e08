<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;

/**
 * That a record was scored by an earlier version of the scoring, whose verdict it keeps, and what today's would say of
 * the same marks.
 */
#[OA\Schema]
final readonly class EarlierScoringResource
{
    /** @param  list<AmendedItemResource>  $changes */
    public function __construct(
        #[OA\Property]
        public int $engine,
        #[OA\Property(description: 'of today')]
        public int $current,
        #[OA\Property(type: 'string', enum: Standing::class, description: 'by today\'s scoring')]
        public Standing $standing,
        #[OA\Property(description: 'by today\'s scoring')] public int $permille,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: AmendedItemResource::class),
                description: 'items that today\'s scoring sees otherwise',
            ),
        ]
        public array $changes,
    ) {}
}
