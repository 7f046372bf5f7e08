<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\Hitch;

/** By what two units are coupled. */
#[OA\Schema]
final readonly class HitchResource
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Hitch::class)]
        public Hitch $value,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'how far what is pulled usually lies over what pulls it; under nought is a gap')]
        public int $over_ft,
    ) {}

    public static function of(Hitch $hitch): self
    {
        return new self($hitch, ucfirst($hitch->label()), $hitch->overFeet());
    }
}
