<?php

declare(strict_types=1);

namespace App\Http\Resources\Progress;

use App\Http\Resources\RespondsAsJson;
use App\Http\Resources\Walk\SheetResource;
use App\Progress\Rehearsed;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use Pasada\Core\Coaching\Coach;

/** How far a rehearsal is: what was said, and what was not, with the words for it. */
#[OA\Schema]
final readonly class RehearsedResource implements Responsable
{
    use RespondsAsJson;

    /** @param  list<UnsaidResource>  $unsaid */
    public function __construct(
        #[OA\Property] public RehearsalResource $rehearsal,
        #[OA\Property(description: 'whether what is said may be sent as sound')] public bool $may_record,
        #[OA\Property(description: 'of what is rehearsed only')] public SheetResource $sheet,
        #[OA\Property(type: 'array', items: new OA\Items(ref: UnsaidResource::class))] public array $unsaid,
    ) {}

    public static function of(Rehearsed $one, Coach $coach): self
    {
        $unsaid = [];
        foreach ($one->sheet->outcomes as $outcome) {
            $item = $outcome->item;
            if ($outcome->isEarned() || ! $outcome->counts()) {
                continue;
            }
            $missing = [];
            foreach ($item->points->without($outcome->heard)->points() as $point) {
                $missing[] = $coach->phrase($item, $point);
            }
            $unsaid[] = new UnsaidResource(
                $item->id, $item->fullName(), $item->place, $outcome->hearing !== null, $missing,
                $coach->sentence($item, $item->points),
            );
        }

        return new self(
            RehearsalResource::of($one->kept), $one->kept->keepsSound(), SheetResource::of($one->sheet), $unsaid,
        );
    }
}
