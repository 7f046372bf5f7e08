<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ChoicesResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<StudentCardResource>  $students
     * @param  list<ChoiceResource>  $vehicles
     * @param  list<ChoiceResource>  $checklists
     * @param  list<int>  $recorded
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: StudentCardResource::class))]
        public array $students,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $vehicles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $checklists,
        #[OA\Property(
            type: 'array', items: new OA\Items(type: 'integer'), description: 'students whose walks may be recorded',
        )]
        public array $recorded,
    ) {}
}
