<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\InspectionResource;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What a checklist asks of a vehicle, and what it does not, with the reasons. */
#[OA\Schema]
final readonly class AskedResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<LeftOutResource>  $left_out
     * @param  list<OptionResource>  $forms
     */
    public function __construct(
        #[OA\Property(ref: InspectionResource::class)]
        public InspectionResource $inspection,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LeftOutResource::class))]
        public array $left_out,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'that can be drawn',
        )]
        public array $forms,
    ) {}
}
