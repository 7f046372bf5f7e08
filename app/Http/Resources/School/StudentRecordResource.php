<?php

declare(strict_types=1);

namespace App\Http\Resources\School;

use App\Http\Resources\Brakes\BrakePracticeResource;
use App\Http\Resources\Record\MissedItemResource;
use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\AttemptCardResource;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A student's record; of the attempts the newest ones, the oldest of them first. */
#[OA\Schema]
final readonly class StudentRecordResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<AttemptCardResource>  $attempts
     * @param  list<MissedItemResource>  $most_missed
     * @param  list<BrakePracticeResource>  $brake_practices
     */
    public function __construct(
        #[OA\Property] public StudentCardResource $student,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AttemptCardResource::class))] public array $attempts,
        #[OA\Property(nullable: true, description: 'cursor of the list of attempts, where older ones begin')]
        public ?string $older,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MissedItemResource::class))] public array $most_missed,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(ref: BrakePracticeResource::class),
                description: 'the newest first, kept apart from what counts',
            ),
        ]
        public array $brake_practices,
    ) {}
}
