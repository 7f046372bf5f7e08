<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use App\Http\Resources\Walk\FormResource;
use OpenApi\Attributes as OA;

/** Something to choose when starting an attempt. */
#[OA\Schema]
final readonly class ChoiceResource
{
    /** @param  list<FormResource>  $forms  of a checklist; none where everything is asked */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FormResource::class))]
        public array $forms,
        #[OA\Property(nullable: true, description: 'why a vehicle is out of service; null while it is in service')]
        public ?string $out_of_service,
    ) {}
}
