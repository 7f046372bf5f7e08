<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Place;
use Pasada\Core\Vehicle\Unit;

/** Everything that is asked of a vehicle under a checklist, in walking order, and what the drawing needs. */
#[OA\Schema]
final readonly class InspectionResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<UnitResource>  $units
     * @param  list<SectionResource>  $sections
     * @param  list<PlaceResource>  $places
     */
    public function __construct(
        #[OA\Property]
        public string $checklist,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public string $pass_note,
        #[OA\Property]
        public string $vehicle,
        #[OA\Property]
        public string $vehicle_description,
        #[OA\Property]
        public float $length_ft,
        #[OA\Property]
        public ?int $time_allowed_seconds,
        #[OA\Property(nullable: true, description: 'the form that was drawn or set')]
        public ?string $form,
        #[OA\Property(description: 'whether the student may carry an unmarked checklist')]
        public bool $aid_allowed,
        #[OA\Property(description: 'whether one side of a two-sided item earns only half')]
        public bool $both_sides,
        #[OA\Property(nullable: true, description: 'the section that can be begun again')]
        public ?string $restart_section,
        #[OA\Property]
        public int $restarts_allowed,
        #[OA\Property]
        public int $item_count,
        #[OA\Property(type: 'array', items: new OA\Items(ref: UnitResource::class))]
        public array $units,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SectionResource::class))]
        public array $sections,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlaceResource::class))]
        public array $places,
    ) {}

    public static function of(Inspection $inspection, Coach $coach): self
    {
        return new self(
            $inspection->checklist->name,
            $inspection->checklist->reason,
            $inspection->checklist->rules->pass->note,
            $inspection->vehicle->name,
            $inspection->vehicle->description,
            $inspection->vehicle->lengthMilliFeet() / 1000,
            $inspection->checklist->rules->timeAllowedSeconds,
            $inspection->form?->name,
            $inspection->checklist->rules->aidAllowed,
            $inspection->checklist->rules->sides === SideRule::Both,
            $inspection->checklist->rules->brakes?->section,
            $inspection->checklist->rules->brakes->restarts ?? 0,
            count($inspection->items),
            array_map(static fn (Unit $unit): UnitResource => UnitResource::of($unit), $inspection->vehicle->units),
            array_map(
                static fn (Section $section): SectionResource => new SectionResource(
                    $section->id, $section->name, $section->short, $section->timeAllowedSeconds,
                ),
                array_values($inspection->sections),
            ),
            array_map(
                static fn (Place $place): PlaceResource => PlaceResource::of($place, $inspection, $coach),
                $inspection->places,
            ),
        );
    }
}
