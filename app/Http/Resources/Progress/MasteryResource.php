<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** What a student knows of one item: its chance to be earned whole on the day, and what became of it so far. */
#[OA\Schema]
final readonly class MasteryResource
{
    /** @param  list<int|null>  $earned  thousandths in each attempt; null where it was not asked */
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'id of the place where it is said')] public string $place,
        #[OA\Property] public float $chance,
        #[OA\Property] public float $low,
        #[OA\Property] public float $high,
        #[OA\Property(description: 'whether it counts as known')] public bool $known,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer', nullable: true))] public array $earned,
        #[OA\Property(nullable: true, description: 'days since it was last said whole; null where it never was')]
        public ?int $days_since_said,
    ) {}
}
