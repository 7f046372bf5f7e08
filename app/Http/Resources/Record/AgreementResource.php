<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\AttemptCardResource;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** Two scorers of one walk, held against each other. */
#[OA\Schema]
final readonly class AgreementResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<ItemChangeResource>  $items  judged differently: `before` by the scorer of this attempt, `after` by
     *   the other
     */
    public function __construct(
        #[OA\Property] public AttemptCardResource $other,
        #[OA\Property] public int $compared,
        #[OA\Property] public int $agreed,
        #[OA\Property] public int $agreed_permille,
        #[
            OA\Property(
                nullable: true,
                description: 'Cohen\'s kappa in thousandths; null where chance alone agrees in everything',
            ),
        ]
        public ?int $kappa_permille,
        #[OA\Property(description: 'kappa in words')]
        public string $said,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemChangeResource::class))]
        public array $items,
    ) {}
}
