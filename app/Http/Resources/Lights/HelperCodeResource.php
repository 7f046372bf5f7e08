<?php

declare(strict_types=1);

namespace App\Http\Resources\Lights;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A code for a helper outside. */
#[OA\Schema]
final readonly class HelperCodeResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property(description: 'six signs, in capitals')] public string $code,
        #[OA\Property(description: 'when it opens nothing any more')] public string $until,
    ) {}
}
