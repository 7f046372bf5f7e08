<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\Record\RescoreResource;
use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What a draft would do, were it in force: to the item list of a vehicle, and to three recorded attempts. */
#[OA\Schema]
final readonly class EffectResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $added  names of items
     * @param  list<string>  $removed
     * @param  list<FormItemsResource>  $forms
     * @param  list<RescoreResource>  $attempts
     */
    public function __construct(
        #[OA\Property]
        public string $vehicle,
        #[OA\Property]
        public int $items_before,
        #[OA\Property]
        public int $items_after,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: FormItemsResource::class),
            description: 'where forms are drawn: nobody is asked all of the items',
        )]
        public array $forms,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $added,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $removed,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RescoreResource::class))]
        public array $attempts,
        #[OA\Property(description: 'whether the attempts were scored under a version of the same document')]
        public bool $same,
    ) {}
}
