<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Lights\LightPlace;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;

/** How one item stands; `heard` are point codes said, in time or late. */
#[OA\Schema]
final readonly class OutcomeResource
{
    /**
     * @param  list<string>  $heard
     * @param  list<string>  $wrong
     * @param  list<string>  $left  points said of the left side only, of a two-sided item
     * @param  list<string>  $right
     * @param  list<LightPlace>|null  $dark
     */
    public function __construct(
        #[OA\Property]
        public string $item,
        #[OA\Property(type: 'string', enum: ItemStatus::class)]
        public ItemStatus $status,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $heard,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $wrong,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $left,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $right,
        #[OA\Property(nullable: true, description: 'item that a reference named')]
        public ?string $carried_from,
        #[OA\Property(nullable: true, description: 'what is known to be wrong with the part')]
        public ?string $defect,
        #[OA\Property(nullable: true, description: 'what the student noticed to be wrong with it, in their words')]
        public ?string $noticed,
        #[OA\Property]
        public ?int $first_at_ms,
        #[OA\Property]
        public bool $out_of_place,
        #[OA\Property(description: 'earned and lost again with its section, for a fault of the brake tests')]
        public bool $forfeited,
        #[OA\Property(description: 'heard in part; which points were said is not told yet')]
        public bool $points_open,
        #[OA\Property(
            type: 'array', items: new OA\Items(type: 'string', enum: LightPlace::class), nullable: true,
            description: 'where a lamp is dark, empty where that is not told; null where none is',
        )]
        public ?array $dark,
    ) {}

    /** The same as an earlier scoring saw it. */
    public function standing(ItemStatus $status): self
    {
        return new self(
            $this->item, $status, $this->heard, $this->wrong, $this->left, $this->right, $this->carried_from,
            $this->defect, $this->noticed, $this->first_at_ms, $this->out_of_place, $this->forfeited,
            $this->points_open, $this->dark,
        );
    }

    /** @param  list<LightPlace>|null  $dark */
    public static function of(ItemOutcome $outcome, ?string $noticed, ?array $dark): self
    {
        $hearing = $outcome->hearing;

        return new self(
            $outcome->item->id,
            $outcome->status,
            self::codes($outcome->heard->with($outcome->late())),
            self::codes($outcome->wrong()),
            self::codes($hearing->left ?? PointSet::none()),
            self::codes($hearing->right ?? PointSet::none()),
            $hearing?->carriedFrom,
            $outcome->defect,
            $noticed,
            $hearing?->firstAtMs,
            $outcome->outOfPlace,
            $outcome->forfeited,
            $hearing->pointsOpen ?? false,
            $dark,
        );
    }

    /** @return list<string> */
    private static function codes(PointSet $points): array
    {
        return array_map(static fn (Point $point): string => $point->value, $points->points());
    }
}
