<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LibraryResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<LibraryEntryResource>  $checklists
     * @param  list<LibraryEntryResource>  $vehicles
     * @param  list<DraftCardResource>  $drafts
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: LibraryEntryResource::class))]
        public array $checklists,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LibraryEntryResource::class))]
        public array $vehicles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DraftCardResource::class))]
        public array $drafts,
        #[OA\Property(description: 'whether this user may change checklists and vehicles')]
        public bool $may_edit,
    ) {}
}
