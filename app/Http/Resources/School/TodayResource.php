<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\AttemptCardResource;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Who is in the yard: walks to go on with, students who are due, walks just finished. */
#[OA\Schema]
final readonly class TodayResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<AttemptCardResource>  $under_way
     * @param  list<AttemptCardResource>  $in_yard  of other scorers, under way now
     * @param  list<StudentCardResource>  $due
     * @param  list<AttemptCardResource>  $recent
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: AttemptCardResource::class))]
        public array $under_way,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AttemptCardResource::class))]
        public array $in_yard,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StudentCardResource::class))]
        public array $due,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AttemptCardResource::class))]
        public array $recent,
        #[OA\Property]
        public int $due_after_days,
    ) {}
}
