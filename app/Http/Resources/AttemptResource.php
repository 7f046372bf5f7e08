<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** An attempt with all that the scoring screen needs. */
#[OA\Schema]
final readonly class AttemptResource implements Responsable
{
    use RespondsAsJson;

    public function __construct(
        #[OA\Property]
        public AttemptCardResource $card,
        #[OA\Property]
        public bool $may_mark,
        #[OA\Property]
        public InspectionResource $inspection,
        #[OA\Property]
        public SheetResource $sheet,
    ) {}
}
