<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** How alike scorers score, and which items of the checklist tell little. */
#[OA\Schema]
final readonly class ScoringHealthResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<ScorerResource>  $scorers
     * @param  list<DifferingItemResource>  $differing
     * @param  list<string>  $never_missed
     * @param  list<string>  $always_missed
     * @param  list<string>  $against_the_rest
     */
    public function __construct(
        #[OA\Property] public string $checklist,
        #[OA\Property] public string $vehicle,
        #[OA\Property] public int $attempts,
        #[OA\Property(description: 'whether all scorers are shown, or only the reader')] public bool $shows_all,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ScorerResource::class))] public array $scorers,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DifferingItemResource::class))] public array $differing,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $never_missed,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $always_missed,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $against_the_rest,
    ) {}
}
