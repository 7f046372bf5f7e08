<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A week of the yard: as it is planned, or as it is proposed. */
#[OA\Schema]
final readonly class WeekResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $slots
     * @param  list<NamedResource>  $instructors
     * @param  list<NamedResource>  $vehicles
     * @param  list<NamedResource>  $students
     * @param  list<YardWalkResource>  $walks
     * @param  list<NamedResource>  $unplaced
     */
    public function __construct(
        #[OA\Property(description: 'Monday')] public string $from,
        #[OA\Property(description: 'to be sent back with a change: two who plan at once do not undo each other')]
        public int $revision,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $slots,
        #[OA\Property(description: 'slots before this have begun')] public string $now,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedResource::class))] public array $instructors,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedResource::class))] public array $vehicles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedResource::class))] public array $students,
        #[OA\Property(type: 'array', items: new OA\Items(ref: YardWalkResource::class))] public array $walks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NamedResource::class))] public array $unplaced,
        #[OA\Property(description: 'students expected to pass where nobody walks')] public float $without,
        #[OA\Property(nullable: true, description: 'where whoever asked first has the first slot; of a proposal only')]
        public ?float $first_come,
        #[OA\Property(description: 'by these walks')] public float $planned,
    ) {}
}
