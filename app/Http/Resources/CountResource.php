<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** How many rows a list has in all, which no page of it tells. */
#[OA\Schema]
final readonly class CountResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(#[OA\Property] public int $count) {}
}
