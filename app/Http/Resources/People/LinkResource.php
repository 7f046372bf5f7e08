<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A link by which somebody sets a password; shown this once. */
#[OA\Schema]
final readonly class LinkResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property(description: 'path of the page to open, with the secret in it')] public string $path,
        #[OA\Property] public string $until,
        #[OA\Property(description: 'whether it was sent to the address')] public bool $mailed,
    ) {}
}
