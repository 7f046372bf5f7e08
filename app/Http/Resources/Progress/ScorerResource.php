<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;
use Pasada\Core\Progress\Health\Way;

/** How one scorer scores beside the others. */
#[OA\Schema]
final readonly class ScorerResource
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $attempts,
        #[OA\Property(type: 'string', enum: Way::class)] public Way $way,
        #[
            OA\Property(
                nullable: true, description: 'items in 100 that a usual student loses or gains by this scorer: below '.
                'nought is stricter than the others; null where too little is known',
            ),
        ]
        public ?float $items_of_100,
        #[OA\Property(description: 'the doubt of it, to either side')] public float $doubt,
        #[OA\Property(description: 'walks that another scored as well')] public int $shared,
        #[
            OA\Property(
                nullable: true,
                description: 'thousandths by which both agree more than by chance, mean over the shared walks',
            ),
        ]
        public ?int $kappa_permille,
        #[
            OA\Property(
                type: 'string', enum: Way::class, description: 'how this scorer has moved against whoever scored the '.
                'same walks: the later half of them beside the earlier',
            ),
        ]
        public Way $moved,
        #[OA\Property(nullable: true, description: 'items in 100 that are given more now than before')]
        public ?float $moved_items_of_100,
        #[OA\Property(nullable: true, description: 'thousandths, of the earlier half')] public ?int $kappa_before,
        #[OA\Property(nullable: true, description: 'thousandths, of the later half')] public ?int $kappa_now,
    ) {}
}
