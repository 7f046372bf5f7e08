<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** All that a walk needs that is started without network: what is asked, and the sheet on which nothing is said yet. */
#[OA\Schema]
final readonly class PreparedResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $phrases
     * @param  list<UsualHalfResource>  $usual
     */
    public function __construct(
        #[OA\Property]
        public InspectionResource $inspection,
        #[OA\Property]
        public SheetResource $sheet,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $phrases,
        #[OA\Property(type: 'array', items: new OA\Items(ref: UsualHalfResource::class))]
        public array $usual,
    ) {}
}
