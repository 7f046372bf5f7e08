<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A class of the school. */
#[OA\Schema(schema: 'SchoolClassResource')]
final readonly class ClassResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<int>  $instructors
     * @param  list<string>  $vehicles
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $begins_on,
        #[OA\Property] public ?string $ends_on,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $instructors,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $vehicles,
        #[OA\Property] public bool $archived,
        #[OA\Property(description: 'who is taught in it')] public int $students,
    ) {}
}
