<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Somebody who works at the school. */
#[OA\Schema]
final readonly class PersonResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<Role>  $roles */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Role::class))] public array $roles,
        #[OA\Property(description: 'whether walks are theirs to score')] public bool $may_score,
        #[OA\Property(description: 'nobody signs in with it any more')] public bool $closed,
        #[OA\Property(description: 'has set a password')] public bool $has_begun,
        #[OA\Property] public bool $has_second_factor,
    ) {}

    public static function of(User $user): self
    {
        return new self(
            $user->id, $user->name, $user->email, $user->roles(), $user->scores(), $user->disabled_at !== null,
            $user->password_set_at !== null, $user->two_factor_at !== null,
        );
    }
}
