<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Http\Resources\Walk\InspectionResource;
use App\Http\Resources\Walk\SheetResource;
use App\Models\AttemptMode;
use App\Models\Party;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** A finished attempt, explained; `earlier` are the student's attempts before it, oldest first. */
#[OA\Schema]
final readonly class ResultResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<DebriefResource>  $first
     * @param  list<LessonResource>  $lessons
     * @param  list<VisitResource>  $visits
     * @param  list<AttemptCardResource>  $earlier
     * @param  list<SignatureResource>  $signatures
     * @param  list<AmendmentResource>  $amendments
     * @param  list<Party>  $may_sign
     */
    public function __construct(
        #[OA\Property]
        public AttemptCardResource $card,
        #[OA\Property]
        public InspectionResource $inspection,
        #[OA\Property]
        public SheetResource $sheet,
        #[
            OA\Property(
                type: 'array', description: 'what would bring most, to say first',
                items: new OA\Items(ref: DebriefResource::class),
            ),
        ]
        public array $first,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LessonResource::class))]
        public array $lessons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VisitResource::class))]
        public array $visits,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AttemptCardResource::class))]
        public array $earlier,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SignatureResource::class))]
        public array $signatures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AmendmentResource::class))]
        public array $amendments,
        #[OA\Property(nullable: true, description: 'the sheet as it was closed, where it was amended since')]
        public ?SheetResource $original,
        #[OA\Property(
            type: 'array', description: 'for whom the reader may have it signed here',
            items: new OA\Items(type: 'string', enum: Party::class),
        )]
        public array $may_sign,
        #[OA\Property]
        public bool $may_amend,
        #[OA\Property(description: 'whether student, scorer or vehicle are the reader\'s to correct')]
        public bool $may_set_right,
        #[OA\Property(nullable: true, description: 'where it came from, if it was not recorded here')]
        public ?ImportedResource $imported,
        #[OA\Property(nullable: true, description: 'set where an earlier scoring closed the record')]
        public ?EarlierScoringResource $earlier_scoring,
        #[OA\Property(type: 'string', enum: AttemptMode::class)]
        public AttemptMode $mode,
        #[OA\Property(description: 'whether its form was drawn by lot, and not set by hand')]
        public bool $drawn,
        #[OA\Property(nullable: true, description: 'set where parts were marked faster than anybody speaks')]
        public ?string $pace,
        #[OA\Property(nullable: true, description: 'why the vehicle is out of service today')]
        public ?string $out_of_service,
    ) {}
}
