<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Somebody's own list as a checklist would have it. */
#[OA\Schema]
final readonly class PartsListResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<ListColumnResource>  $columns
     * @param  list<ListedPartResource>  $parts
     * @param  list<FaultResource>  $faults
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ListColumnResource::class))]
        public array $columns,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ListedPartResource::class))]
        public array $parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FaultResource::class))]
        public array $faults,
        #[OA\Property(
            type: 'object',
            additionalProperties: true,
            description: 'components, sections, forms and critical_components, as a checklist writes them',
        )]
        public object $document,
    ) {}
}
