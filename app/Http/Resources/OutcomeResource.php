<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;

/** How one item stands; `heard` are point codes said, in time or late. */
#[OA\Schema]
final readonly class OutcomeResource
{
    /** @param  list<string>  $heard */
    public function __construct(
        #[OA\Property]
        public string $item,
        #[OA\Property(type: 'string', enum: ItemStatus::class)]
        public ItemStatus $status,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $heard,
        #[OA\Property]
        public ?int $first_at_ms,
        #[OA\Property]
        public bool $out_of_place,
    ) {}

    public static function of(ItemOutcome $outcome): self
    {
        return new self($outcome->item->id, $outcome->status,
            array_map(static fn (Point $point): string => $point->value, $outcome->heard->with($outcome->late)->points()), $outcome->firstAtMs, $outcome->outOfPlace);
    }
}
