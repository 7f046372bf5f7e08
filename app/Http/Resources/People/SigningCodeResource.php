<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A code to sign with on the device of another; shown this once. */
#[OA\Schema]
final readonly class SigningCodeResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(#[OA\Property] public string $code, #[OA\Property] public string $until) {}
}
