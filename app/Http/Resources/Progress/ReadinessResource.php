<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\InspectionResource;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** How likely a student passes, how sure that is, why, and what to do about it. */
#[OA\Schema]
final readonly class ReadinessResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<ChanceResource>  $by_form
     * @param  list<ChanceResource>  $marks
     * @param  list<float|null>  $seconds
     * @param  list<int|null>  $out_of_place
     * @param  list<MasteryResource>  $items
     * @param  list<string>  $attempts
     * @param  list<string>  $confusions
     * @param  list<SessionResource>  $today
     * @param  list<SessionResource>  $plan
     * @param  list<BrakeChanceResource>  $brake_tests
     * @param  list<UsualMistakeResource>  $mistakes
     * @param  list<ExamResultResource>  $exams
     * @param  list<ScopeResource>  $scopes
     */
    public function __construct(
        #[OA\Property] public InspectionResource $inspection,
        #[OA\Property] public int $checklist_id,
        #[OA\Property] public string $checklist,
        #[OA\Property] public int $vehicle_id,
        #[OA\Property] public string $vehicle,
        #[OA\Property(nullable: true, description: 'why there is no figure; null where there is one')]
        public ?string $unknown,
        #[OA\Property(description: 'whether it is being worked out; asked again, it comes')] public bool $is_fitting,
        #[OA\Property] public ?string $on,
        #[OA\Property(description: 'false: no exam is ahead, and the answer is for a week after the last attempt')]
        public bool $for_exam,
        #[OA\Property(nullable: true, description: 'to pass, 0 to 1')] public ?float $chance,
        #[OA\Property(nullable: true, description: 'ends of the interval that holds 80 percent')] public ?float $low,
        #[OA\Property] public ?float $high,
        #[OA\Property(nullable: true, description: 'share of the whole that is to be expected, 0 to 1')]
        public ?float $share,
        #[OA\Property] public string $limits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChanceResource::class))] public array $by_form,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChanceResource::class))] public array $marks,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'string'), description: 'when each attempt was, oldest first',
            ),
        ]
        public array $attempts,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'number', nullable: true),
                description: 'how long each attempt took, in seconds',
            ),
        ]
        public array $seconds,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(type: 'integer', nullable: true),
                description: 'items out of order in each attempt',
            ),
        ]
        public array $out_of_place,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MasteryResource::class))] public array $items,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $confusions,
        #[
            OA\Property(
                type: 'array', items: new OA\Items(ref: SessionResource::class),
                description: 'what to practice now in 10, 20 and 40 minutes',
            ),
        ]
        public array $today,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SessionResource::class))] public array $plan,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BrakeChanceResource::class))] public array $brake_tests,
        #[OA\Property(description: 'to pass all of them, one after the other')] public float $all_brake_tests,
        #[OA\Property(description: 'parts recited in the last two weeks')] public int $recited,
        #[OA\Property] public int $recited_whole,
        #[OA\Property(type: 'array', items: new OA\Items(ref: UsualMistakeResource::class))] public array $mistakes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ExamResultResource::class))] public array $exams,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: ScopeResource::class), description: 'what of it can be rehearsed',
        )]
        public array $scopes,
    ) {}
}
