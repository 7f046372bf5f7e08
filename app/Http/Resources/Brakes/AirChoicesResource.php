<?php

declare(strict_types=1);

namespace App\Http\Resources\Brakes;

use App\Http\Resources\RespondsAsJson;
use Illuminate\Contracts\Support\Responsable;
use OpenApi\Attributes as OA;

/** What can be practiced in the simulated cab: vehicles and sequences in force, and what may be wrong. */
#[OA\Schema]
final readonly class AirChoicesResource implements Responsable
{
    use RespondsAsJson;

    /**
     * @param  list<AirVehicleResource>  $vehicles
     * @param  list<AirSequenceResource>  $sequences
     * @param  list<AirFaultResource>  $faults
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: AirVehicleResource::class))]
        public array $vehicles,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AirSequenceResource::class))]
        public array $sequences,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AirFaultResource::class))]
        public array $faults,
    ) {}
}
