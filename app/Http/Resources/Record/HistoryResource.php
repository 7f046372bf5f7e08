<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use OpenApi\Attributes as OA;

/** A mark with who made it and when it arrived; `amendment` is set for one made after the record was closed. */
#[OA\Schema]
final readonly class HistoryResource
{
    /** @param  object  $mark  in the open format */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/Mark')]
        public object $mark,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $received_at,
        #[OA\Property(nullable: true)]
        public ?string $amendment,
    ) {}
}
