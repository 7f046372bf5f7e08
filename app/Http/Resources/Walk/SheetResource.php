<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use Pasada\Core\Attempt\Remark;
use Pasada\Core\Brakes\Judging\Standing;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\PassCheck;
use Pasada\Core\Scoring\ScoreSheet;
use Pasada\Core\Scoring\SectionScore;
use Pasada\Core\Scoring\UncreditedReferences;

/** The score sheet as it stands; `permille` is the share earned, rounded down. */
#[OA\Schema]
final readonly class SheetResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<string>  $closed_places
     * @param  list<CheckResource>  $checks
     * @param  list<SectionScoreResource>  $sections
     * @param  list<OutcomeResource>  $outcomes
     * @param  list<RemarkResource>  $remarks
     * @param  list<RemarkResource>  $look_again
     * @param  list<string>  $shut  places where nothing earns credit any more
     * @param  list<string>  $breaches  of rules that by this checklist cost nothing, in words
     * @param  list<string>  $notices  what counts for nothing, and why: too late, timed after the finish, a reference
     *   that gives nothing
     * @param  list<string>  $sections_out_of_place  names
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Standing::class)]
        public Standing $standing,
        #[OA\Property]
        public bool $finished,
        #[OA\Property]
        public int $permille,
        #[OA\Property]
        public int $whole,
        #[OA\Property]
        public int $asked,
        #[OA\Property]
        public int $duration_ms,
        #[OA\Property]
        public ?string $current_place,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $closed_places,
        #[OA\Property]
        public int $named,
        #[OA\Property]
        public int $out_of_place,
        #[OA\Property]
        public int $returns,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CheckResource::class))]
        public array $checks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SectionScoreResource::class))]
        public array $sections,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OutcomeResource::class))]
        public array $outcomes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RemarkResource::class))]
        public array $remarks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RemarkResource::class))]
        public array $look_again,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $shut,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $breaches,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $sections_out_of_place,
        #[OA\Property]
        public int $restarts,
        #[OA\Property]
        public int $off_list_ms,
        #[OA\Property]
        public bool $off_list,
        #[OA\Property(description: 'version of the scoring')]
        public int $engine,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $notices,
    ) {}

    /**
     * The same as an earlier scoring closed it; the reasons it gave were not kept.
     *
     * @param  array<string, ItemStatus>  $statuses  by item
     */
    public function asKept(int $engine, Standing $standing, int $permille, int $outOfPlace, array $statuses): self
    {
        return new self(
            $standing,
            $this->finished,
            $permille,
            $this->whole,
            $this->asked,
            $this->duration_ms,
            $this->current_place,
            $this->closed_places,
            $this->named,
            $outOfPlace,
            $this->returns,
            [],
            $this->sections,
            array_map(
                static fn (OutcomeResource $outcome): OutcomeResource => $outcome->standing(
                    $statuses[$outcome->item] ?? $outcome->status,
                ),
                $this->outcomes,
            ),
            $this->remarks,
            $this->look_again,
            $this->shut,
            [],
            [],
            $this->restarts,
            $this->off_list_ms,
            $this->off_list,
            $engine,
            [],
        );
    }

    public static function of(ScoreSheet $sheet): self
    {
        return new self(
            $sheet->verdict->standing,
            $sheet->walk->finished,
            $sheet->overall->permille(),
            $sheet->overall->whole,
            $sheet->overall->asked,
            $sheet->walk->durationMs,
            $sheet->walk->currentPlace,
            array_map(strval(...), array_keys($sheet->walk->closedPlaces)),
            $sheet->order->named,
            count($sheet->order->outOfPlace),
            $sheet->order->returns,
            array_map(
                static fn (PassCheck $check): CheckResource => new CheckResource(
                    $check->met,
                    $check->said,
                    $check->enough,
                ),
                $sheet->verdict->checks,
            ),
            array_map(
                static fn (SectionScore $section): SectionScoreResource => SectionScoreResource::of($section),
                $sheet->sections,
            ),
            array_map(
                static fn (ItemOutcome $outcome): OutcomeResource => OutcomeResource::of(
                    $outcome,
                    $sheet->walk->noticed[$outcome->item->id] ?? null,
                    $sheet->walk->dark[$outcome->item->id] ?? null,
                ),
                array_values($sheet->outcomes),
            ),
            array_map(static fn (Remark $remark): RemarkResource => RemarkResource::of($remark), $sheet->walk->remarks),
            array_map(static fn (Remark $flag): RemarkResource => RemarkResource::of($flag), $sheet->walk->flags),
            array_map(strval(...), array_keys($sheet->walk->shutPlaces)),
            array_values(array_diff($sheet->remarks, $sheet->notices)),
            array_map(
                static fn (string $id): string => $sheet->inspection->sections[$id]->name,
                $sheet->order->sectionsOutOfPlace,
            ),
            $sheet->walk->restarts,
            $sheet->walk->offListMs,
            $sheet->walk->offList,
            ScoreSheet::ENGINE,
            [...$sheet->notices, ...UncreditedReferences::of($sheet)],
        );
    }
}
