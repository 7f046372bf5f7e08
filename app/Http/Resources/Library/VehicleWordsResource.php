<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use App\Http\Resources\OptionResource;
use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\Body;
use Pasada\Core\Vehicle\BrakeSystem;
use Pasada\Core\Vehicle\Feature;
use Pasada\Core\Vehicle\Hitch;
use Pasada\Core\Vehicle\UnitKind;

/** What the values of a vehicle's document are called, and what goes with what. */
#[OA\Schema]
final readonly class VehicleWordsResource
{
    /**
     * @param  list<UnitKindResource>  $kinds
     * @param  list<OptionResource>  $bodies
     * @param  list<OptionResource>  $brakes
     * @param  list<HitchResource>  $hitches
     * @param  list<BrakeSystem>  $with_air
     * @param  list<OptionResource>  $on_cab
     * @param  list<OptionResource>  $on_bodies
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: UnitKindResource::class))]
        public array $kinds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $bodies,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionResource::class))]
        public array $brakes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HitchResource::class))]
        public array $hitches,
        #[OA\Property(
            type: 'array', items: new OA\Items(type: 'string', enum: BrakeSystem::class),
            description: 'brakes that come with a compressor',
        )]
        public array $with_air,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'equipment of what drives',
        )]
        public array $on_cab,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: OptionResource::class), description: 'equipment of what carries',
        )]
        public array $on_bodies,
    ) {}

    public static function all(): self
    {
        $equipment = array_filter(Feature::cases(), static fn (Feature $one): bool => $one->isEquipment());
        // "a liftgate" stands by itself as "Liftgate".
        $option = static fn (Feature $one): OptionResource => new OptionResource(
            $one->value, ucfirst((string) preg_replace('/^an? /', '', $one->label())),
        );

        return new self(
            array_map(UnitKindResource::of(...), UnitKind::cases()),
            self::options(array_map(static fn (Body $one): array => [$one->value, $one->label()], Body::cases())),
            self::options(
                array_map(static fn (BrakeSystem $one): array => [$one->value, $one->label()], BrakeSystem::cases()),
            ),
            array_map(HitchResource::of(...), Hitch::cases()),
            array_values(array_filter(BrakeSystem::cases(), static fn (BrakeSystem $one): bool => $one->hasAir())),
            array_values(
                array_map($option, array_filter($equipment, static fn (Feature $one): bool => ! $one->isOnBody())),
            ),
            array_values(
                array_map($option, array_filter($equipment, static fn (Feature $one): bool => $one->isOnBody())),
            ),
        );
    }

    /**
     * @param  list<array{string, string}>  $all
     * @return list<OptionResource>
     */
    private static function options(array $all): array
    {
        return array_map(static fn (array $one): OptionResource => new OptionResource($one[0], ucfirst($one[1])), $all);
    }
}
