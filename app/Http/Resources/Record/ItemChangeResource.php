<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;
use Pasada\Core\Scoring\ItemChange;
use Pasada\Core\Scoring\ItemStatus;

/** How one item scores before and after; null where it is not asked. */
#[OA\Schema]
final readonly class ItemChangeResource
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'string', enum: ItemStatus::class, nullable: true)]
        public ?ItemStatus $before,
        #[OA\Property(type: 'string', enum: ItemStatus::class, nullable: true)]
        public ?ItemStatus $after,
    ) {}

    public static function of(ItemChange $change): self
    {
        return new self($change->item->fullName(), $change->before?->status, $change->after?->status);
    }
}
