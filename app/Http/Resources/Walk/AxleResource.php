<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\Axle;

#[OA\Schema]
final readonly class AxleResource
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public float $at_ft,
        #[OA\Property]
        public bool $duals,
    ) {}

    public static function of(Axle $axle): self
    {
        return new self($axle->id, $axle->atMilliFeet / 1000, $axle->hasDuals());
    }
}
