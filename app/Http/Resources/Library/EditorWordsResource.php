<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\OptionResource;
use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;
use Pasada\Core\Brakes\BrakeTest;
use Pasada\Core\Brakes\Spoken;
use Pasada\Core\Brakes\StateNeed;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Checklist\Zone;
use Pasada\Core\Coaching\Phrasebook;
use Pasada\Core\Listing\KnownParts;
use Pasada\Core\Listing\ListColumn;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\Feature;

/** What the values of the open format are called, for whoever changes a checklist. */
#[OA\Schema]
final readonly class EditorWordsResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<OptionResource>  $points
     * @param  list<BrakeTestResource>  $tests
     * @param  list<OptionResource>  $states
     * @param  list<OptionResource>  $said
     * @param  list<KnownPartResource>  $parts
     * @param  list<OptionResource>  $columns
     * @param  list<OptionResource>  $zones
     * @param  list<OptionResource>  $axles
     * @param  list<OptionResource>  $features
     * @param  list<OptionResource>  $faults
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $points,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BrakeTestResource::class))]
        public array $tests,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $states,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $said,
        #[OA\Property(type: 'array', items: new OA\Items(ref: KnownPartResource::class))]
        public array $parts,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: OptionResource::class),
            description: 'what a column of a list holds',
        )]
        public array $columns,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'where a stop of the walk is',
        )]
        public array $zones,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $axles,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: OptionResource::class),
            description: 'what a vehicle or an axle may have, on which a part may depend',
        )]
        public array $features,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: OptionResource::class),
            description: 'what is wrong with a part where a point is not so, by point',
        )]
        public array $faults,
        #[OA\Property]
        public VehicleWordsResource $vehicle,
    ) {}

    public static function of(Phrasebook $phrasebook, KnownParts $known): self
    {
        $points = $faults = [];
        foreach (Point::cases() as $point) {
            // Pointing and naming is no point that can be asked.
            if ($point !== Point::Identified) {
                $points[] = new OptionResource($point->value, $phrasebook->label($point));
            }
            $fault = $phrasebook->fault($point);
            if ($fault !== null) {
                $faults[] = new OptionResource($point->value, $fault);
            }
        }

        return new self(
            $points,
            array_map(BrakeTestResource::of(...), BrakeTest::cases()),
            array_map(
                static fn (StateNeed $need): OptionResource => new OptionResource($need->value, $need->name()),
                StateNeed::cases(),
            ),
            array_map(
                static fn (Spoken $spoken): OptionResource => new OptionResource($spoken->value, $spoken->label()),
                Spoken::cases(),
            ),
            KnownPartResource::all($known),
            array_map(
                static fn (ListColumn $one): OptionResource => new OptionResource($one->value, $one->label()),
                ListColumn::cases(),
            ),
            array_map(
                static fn (Zone $zone): OptionResource => new OptionResource($zone->value, $zone->label()),
                Zone::cases(),
            ),
            array_map(
                static fn (AxleGroup $axle): OptionResource => new OptionResource($axle->value, $axle->label()),
                AxleGroup::cases(),
            ),
            array_map(
                static fn (Feature $one): OptionResource => new OptionResource($one->value, $one->label()),
                Feature::cases(),
            ),
            $faults,
            VehicleWordsResource::all(),
        );
    }
}
