<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;

/** What is usually said of an item that is half said: sets of points, the likeliest first. */
#[OA\Schema]
final readonly class UsualHalfResource
{
    /** @param  list<list<string>>  $halves */
    public function __construct(
        #[OA\Property]
        public string $item,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')),
                description: 'codes of points; an empty list is a part that was only named',
            ),
        ]
        public array $halves,
    ) {}
}
