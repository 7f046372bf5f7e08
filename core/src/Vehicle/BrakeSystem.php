<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What presses the brakes of a unit on: 49 CFR 393.40 to 393.52 and the commercial driver manual tell them apart. */
enum BrakeSystem: string
{
    case Air = 'air';
    case Hydraulic = 'hydraulic';
    /** Air presses the fluid: a compressor and tanks at the front, wheel cylinders or calipers at the axles. */
    case AirOverHydraulic = 'air-over-hydraulic';
    /** Electric brakes of a trailer, worked from a controller in the cab. */
    case Electric = 'electric';
    /** Hydraulic brakes of a trailer that pushes against its coupler. */
    case Surge = 'surge';

    /** Whether a unit with a cab, or one that is pulled, can have it. */
    public function isOf(UnitKind $unit): bool
    {
        return match ($this) {
            self::Air => true,
            self::Hydraulic, self::AirOverHydraulic => $unit->isPowered(),
            self::Electric, self::Surge => $unit === UnitKind::DrawbarTrailer,
        };
    }

    /** As it is read: "air over hydraulic". */
    public function label(): string
    {
        return match ($this) {
            self::Air => 'air',
            self::Hydraulic => 'hydraulic',
            self::AirOverHydraulic => 'air over hydraulic',
            self::Electric => 'electric',
            self::Surge => 'surge (hydraulic, by the push of the trailer)',
        };
    }

    public function hasAir(): bool
    {
        return $this === self::Air || $this === self::AirOverHydraulic;
    }

    /** What each axle of the unit has. */
    public function atAxles(): Feature
    {
        return match ($this) {
            self::Air => Feature::BrakedByAir,
            self::Hydraulic, self::AirOverHydraulic, self::Surge => Feature::BrakedByFluid,
            self::Electric => Feature::BrakedByElectricity,
        };
    }

    /** What the vehicle has because a unit of it has these brakes. */
    public function of(UnitKind $unit): Feature
    {
        return match (true) {
            $unit->isPowered() => Feature::from('system:'.$this->value),
            $this === self::Air => Feature::TrailerAir,
            default => Feature::BreakawaySwitch,
        };
    }
}
