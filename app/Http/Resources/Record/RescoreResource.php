<?php

declare(strict_types=1);

namespace App\Http\Resources\Record;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\AttemptCardResource;
use App\Http\Resources\Walk\CheckResource;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Scoring\ItemChange;
use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Scoring\SheetComparison;

/** A recorded attempt scored under another checklist; the record itself is untouched. */
#[OA\Schema]
final readonly class RescoreResource implements Responsable
{
    use RespondsAsJson;

    private const MOST = 40;

    /**
     * @param  list<CheckResource>  $checks  of the other checklist
     * @param  list<ItemChangeResource>  $items  the first of them that fare differently
     */
    public function __construct(
        #[OA\Property]
        public string $attempt,
        #[OA\Property]
        public string $student,
        #[OA\Property]
        public string $started_at,
        #[OA\Property(type: 'string', enum: Standing::class)]
        public Standing $before,
        #[OA\Property(type: 'string', enum: Standing::class)]
        public Standing $after,
        #[OA\Property]
        public int $before_permille,
        #[OA\Property]
        public int $after_permille,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CheckResource::class))]
        public array $checks,
        #[OA\Property]
        public int $item_changes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ItemChangeResource::class))]
        public array $items,
        #[OA\Property(description: 'items that were marked and are not asked there')]
        public int $unknown,
    ) {}

    public static function of(AttemptCardResource $card, SheetComparison $comparison): self
    {
        return new self(
            $card->id,
            $card->student,
            $card->started_at,
            $comparison->before->verdict->standing,
            $comparison->after->verdict->standing,
            $comparison->before->overall->permille(),
            $comparison->after->overall->permille(),
            array_map(
                static fn (PassCheck $check): CheckResource => new CheckResource(
                    $check->met,
                    $check->said,
                    $check->enough,
                ),
                $comparison->after->verdict->checks,
            ),
            count($comparison->changes),
            array_map(
                static fn (ItemChange $change): ItemChangeResource => ItemChangeResource::of($change),
                array_slice($comparison->changes, 0, self::MOST),
            ),
            count($comparison->unknown),
        );
    }
}
