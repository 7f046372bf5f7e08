<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Part of the trail, the newest first. */
#[OA\Schema]
final readonly class TrailResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<TrailLineResource>  $lines
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: TrailLineResource::class))] public array $lines,
        #[OA\Property(nullable: true, description: 'ask for what is before it; null at the end')] public ?int $before,
        #[OA\Property(description: 'of the whole trail')] public int $all,
    ) {}
}
