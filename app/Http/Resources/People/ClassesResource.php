<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** The classes of the school, and whom and what there is to choose for one. */
#[OA\Schema]
final readonly class ClassesResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<ClassResource>  $classes
     * @param  list<OptionResource>  $instructors
     * @param  list<OptionResource>  $vehicles
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SchoolClassResource'))]
        public array $classes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))] public array $instructors,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))] public array $vehicles,
    ) {}
}
