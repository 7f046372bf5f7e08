<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Whether a printed sheet says what the record says. */
#[OA\Schema]
final readonly class DigestCheckResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<string>  $signed */
    public function __construct(
        #[OA\Property] public string $student,
        #[OA\Property] public string $started_at,
        #[OA\Property(description: 'the record says today what was printed')] public bool $is_now,
        #[OA\Property(
            type: 'array', items: new OA\Items(type: 'string'),
            description: 'who signed it as it was printed, and when',
        )]
        public array $signed,
    ) {}
}
