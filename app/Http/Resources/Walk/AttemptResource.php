<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use App\Http\Resources\RespondsAsJson;
use App\Models\AttemptMode;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** An attempt with all that the scoring screen needs. */
#[OA\Schema]
final readonly class AttemptResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $phrases  notes that the school keeps ready
     * @param  list<UsualHalfResource>  $usual
     */
    public function __construct(
        #[OA\Property]
        public AttemptCardResource $card,
        #[OA\Property]
        public bool $may_mark,
        #[OA\Property(description: 'whether its sound may be recorded')]
        public bool $may_record,
        #[OA\Property(type: 'string', enum: AttemptMode::class)]
        public AttemptMode $mode,
        #[OA\Property(description: 'whether others may see it while it is under way')]
        public bool $live,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $phrases,
        #[OA\Property]
        public InspectionResource $inspection,
        #[OA\Property]
        public SheetResource $sheet,
        #[OA\Property(type: 'array', items: new OA\Items(ref: UsualHalfResource::class))]
        public array $usual,
    ) {}
}
