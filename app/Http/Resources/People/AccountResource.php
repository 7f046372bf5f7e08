<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** The own account: where it is signed in, and whether a code is asked for. */
#[OA\Schema]
final readonly class AccountResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<SessionResource>  $sessions */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property] public ?string $password_set_at,
        #[OA\Property] public bool $has_second_factor,
        #[OA\Property(description: 'whether the school asks for one')] public bool $must_have_second_factor,
        #[OA\Property(description: 'written down, and not used yet')] public int $recovery_codes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SessionResource::class))] public array $sessions,
    ) {}
}
