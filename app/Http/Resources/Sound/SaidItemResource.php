<?php

declare(strict_types=1);

namespace App\Http\Resources\Sound;

use OpenApi\Attributes as OA;

/** When an item was said. */
#[OA\Schema]
final readonly class SaidItemResource
{
    /** @param  list<int>  $at_ms */
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'), description: 'of the clock of the walk')]
        public array $at_ms,
    ) {}
}
