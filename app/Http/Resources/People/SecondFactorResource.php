<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What an authenticator is given, and then the codes to write down; each shown this once. */
#[OA\Schema]
final readonly class SecondFactorResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<string>  $recovery_codes */
    public function __construct(
        #[OA\Property(nullable: true)] public ?string $secret,
        #[OA\Property(nullable: true, description: 'the same as an address')] public ?string $uri,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $recovery_codes,
    ) {}
}
