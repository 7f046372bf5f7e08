<?php

declare(strict_types=1);

namespace App\Http\Resources\Walk;

use OpenApi\Attributes as OA;
use Pasada\Core\Lights\LightFunction;
use Pasada\Core\Lights\LightPart;
use Pasada\Core\Lights\LightPlace;

/** A part of the light check: one function, at one place or wherever this vehicle shows it. */
#[OA\Schema]
final readonly class LightResource
{
    /** @param  list<LampResource>  $lamps */
    public function __construct(
        #[OA\Property(type: 'string', enum: LightFunction::class)] public LightFunction $function,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'whether it is one place that is asked')] public bool $of_place,
        #[OA\Property(type: 'array', items: new OA\Items(ref: LampResource::class))] public array $lamps,
    ) {}

    public static function of(LightPart $part): self
    {
        return new self($part->function, $part->function->label(), $part->isOfPlace, array_map(
            static fn (LightPlace $place): LampResource => new LampResource(
                $place, $place->label(), (string) $part->function->color($place),
            ), $part->places,
        ));
    }
}
