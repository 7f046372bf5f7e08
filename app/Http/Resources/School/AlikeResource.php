<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use OpenApi\Attributes as OA;

/** Who may be meant by a name. */
#[OA\Schema]
final readonly class AlikeResource
{
    /** @param  list<int>  $students */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $students,
    ) {}
}
