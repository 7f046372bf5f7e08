<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** How long records are kept, what is due, what is held, and what was deleted. */
#[OA\Schema]
final readonly class RetentionResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<OptionResource>  $holds
     * @param  list<string>  $deleted
     */
    public function __construct(
        #[OA\Property] public int $kept_years,
        #[OA\Property(description: 'that the law asks for')] public int $least_years,
        #[OA\Property(description: 'attempts whose years are over and that nobody holds')] public int $due,
        #[OA\Property] public ?string $oldest,
        #[OA\Property] public ?string $newest,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))] public array $holds,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'with counts and digest')]
        public array $deleted,
    ) {}
}
