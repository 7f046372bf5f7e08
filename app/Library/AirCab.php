<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\StoredVehicle;
use Pasada\Core\Brakes\Air\AirPractice;
use Pasada\Core\Brakes\BrakedVehicle;
use Pasada\Core\Vehicle\VehicleReader;

/** The cab that somebody practices in: which vehicle, what is wrong with it, and the pressure it was left with. */
final readonly class AirCab
{
    /** @param  string  $sealed  as HiddenFaults made it */
    private function __construct(
        public StoredVehicle $vehicle, public BrakedVehicle $braked, public string $sealed, private float $startPsi,
    ) {}

    public static function in(StoredVehicle $vehicle, string $sealed, float $startPsi): self
    {
        return new self(
            $vehicle,
            BrakedVehicle::of((new VehicleReader())->read($vehicle->document, $vehicle->slug)),
            $sealed,
            $startPsi,
        );
    }

    public function practice(): AirPractice
    {
        return new AirPractice($this->braked, HiddenFaults::open($this->sealed), $this->startPsi);
    }
}
