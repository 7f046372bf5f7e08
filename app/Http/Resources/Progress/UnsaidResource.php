<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use OpenApi\Attributes as OA;

/** An item that was not said whole, with the words to say. */
#[OA\Schema]
final readonly class UnsaidResource
{
    /** @param  list<string>  $missing  the words that were not said */
    public function __construct(
        #[OA\Property] public string $item,
        #[OA\Property] public string $name,
        #[OA\Property] public string $place,
        #[OA\Property] public bool $named,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $missing,
        #[OA\Property(description: 'the words to use')] public string $say,
    ) {}
}
