<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\Body;
use Pasada\Core\Vehicle\Unit;
use Pasada\Core\Vehicle\UnitKind;

#[OA\Schema]
final readonly class UnitResource
{
    /** @param  list<AxleResource>  $axles */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'string', enum: UnitKind::class)]
        public UnitKind $kind,
        #[OA\Property(type: 'string', enum: Body::class)]
        public Body $body,
        #[OA\Property]
        public float $from_ft,
        #[OA\Property]
        public float $to_ft,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AxleResource::class))]
        public array $axles,
    ) {}

    public static function of(Unit $unit): self
    {
        return new self(
            $unit->id, $unit->label, $unit->kind, $unit->body, $unit->fromMilliFeet / 1000,
            $unit->toMilliFeet / 1000,
            array_map(static fn (Axle $axle): AxleResource => AxleResource::of($axle), $unit->axles),
        );
    }
}
