<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\AxleGroup;
use Pasada\Core\Vehicle\Feature;

#[OA\Schema]
final readonly class AxleResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'string', enum: AxleGroup::class)]
        public AxleGroup $group,
        #[OA\Property(description: 'may be up while the others carry')]
        public bool $lift,
        #[OA\Property]
        public float $at_ft,
        #[OA\Property]
        public bool $duals,
    ) {}

    public static function of(Axle $axle): self
    {
        return new self(
            $axle->id, $axle->label, $axle->group, $axle->features->has(Feature::LiftAxle),
            $axle->atMilliFeet / 1000, $axle->hasDuals(),
        );
    }
}
