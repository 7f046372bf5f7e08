<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\StoredVehicle;
use Illuminate\Validation\ValidationException;
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
        return new self($vehicle, self::braked($vehicle), $sealed, $startPsi);
    }

    /** @throws ValidationException where the vehicle's brakes are not those that the cab has */
    public static function braked(StoredVehicle $vehicle): BrakedVehicle
    {
        $braked = BrakedVehicle::of((new VehicleReader())->read($vehicle->document, $vehicle->slug));

        return $braked->hasValves() ? $braked : throw ValidationException::withMessages([
            'vehicle_id' => sprintf(
                'has %s brakes, and this cab has air brakes; choose a vehicle with air brakes',
                $braked->system->label(),
            ),
        ]);
    }

    public function practice(): AirPractice
    {
        return new AirPractice($this->braked, HiddenFaults::open($this->sealed), $this->startPsi);
    }
}
