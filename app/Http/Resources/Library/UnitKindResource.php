<?php

declare(strict_types=1);

namespace App\Http\Resources\Library;

use OpenApi\Attributes as OA;
use Pasada\Core\Vehicle\Body;
use Pasada\Core\Vehicle\BrakeSystem;
use Pasada\Core\Vehicle\Hitch;
use Pasada\Core\Vehicle\UnitKind;

/** A kind of unit, with what it may have and what it can pull. */
#[OA\Schema]
final readonly class UnitKindResource
{
    /**
     * @param  list<Body>  $bodies
     * @param  list<BrakeSystem>  $brakes
     * @param  list<Hitch>  $hitches
     * @param  list<UnitKind>  $pulls
     * @param  list<AdditionResource>  $additions
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: UnitKind::class)]
        public UnitKind $value,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public bool $powered,
        #[OA\Property(description: 'whether it carries a load or people, and so has a body and doors')]
        public bool $loaded,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Body::class))]
        public array $bodies,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: BrakeSystem::class))]
        public array $brakes,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Hitch::class))]
        public array $hitches,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: UnitKind::class))]
        public array $pulls,
        #[OA\Property(
            type: 'array', items: new OA\Items(ref: AdditionResource::class),
            description: 'what can be hitched behind it',
        )]
        public array $additions,
    ) {}

    public static function of(UnitKind $kind): self
    {
        return new self(
            $kind,
            ucfirst($kind->label()),
            $kind->isPowered(),
            $kind->isLoaded(),
            array_values(array_filter(Body::cases(), static fn (Body $one): bool => $one->isOn($kind))),
            array_values(array_filter(BrakeSystem::cases(), static fn (BrakeSystem $one): bool => $one->isOf($kind))),
            $kind->hitches(),
            array_values(array_filter(UnitKind::cases(), static fn (UnitKind $one): bool => $one->canFollow($kind))),
            AdditionResource::behind($kind),
        );
    }
}
