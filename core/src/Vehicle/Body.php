<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What carries the load. `None` is a tractor or a dolly. */
enum Body: string
{
    case None = 'none';
    case ContainerChassis = 'container-chassis';
    case Van = 'van';
    case Refrigerated = 'refrigerated';
    case Hopper = 'hopper';
    case Flatbed = 'flatbed';
    case Tanker = 'tanker';
    case Bus = 'bus';
    case StakeBed = 'stake-bed';
    case Dump = 'dump';
    case Lowboy = 'lowboy';
    case SchoolBus = 'school-bus';

    /** As it is read: "container chassis". */
    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::ContainerChassis => 'container chassis',
            self::Van => 'van or box',
            self::Refrigerated => 'refrigerated van',
            self::Hopper => 'hopper',
            self::Flatbed => 'flatbed',
            self::Tanker => 'tank',
            self::Bus => 'bus',
            self::StakeBed => 'stake bed',
            self::Dump => 'dump bed',
            self::Lowboy => 'lowboy',
            self::SchoolBus => 'school bus',
        };
    }

    /** Whether a unit of a kind can carry it. */
    public function isOn(UnitKind $unit): bool
    {
        return match (true) {
            ! $unit->isLoaded() => $this === self::None,
            $unit === UnitKind::Bus => $this === self::Bus || $this === self::SchoolBus,
            $this === self::Bus || $this === self::SchoolBus || $this === self::None => false,
            $unit === UnitKind::StraightTruck => $this !== self::ContainerChassis && $this !== self::Lowboy,
            default => $this !== self::StakeBed || $unit === UnitKind::DrawbarTrailer,
        };
    }

    public function feature(): ?Feature
    {
        return match ($this) {
            self::None => null,
            self::ContainerChassis => Feature::BodyContainerChassis,
            self::Van => Feature::BodyVan,
            self::Refrigerated => Feature::BodyRefrigerated,
            self::Hopper => Feature::BodyHopper,
            self::Flatbed => Feature::BodyFlatbed,
            self::Tanker => Feature::BodyTanker,
            self::Bus => Feature::BodyBus,
            self::StakeBed => Feature::BodyStakeBed,
            self::Dump => Feature::BodyDump,
            self::Lowboy => Feature::BodyLowboy,
            self::SchoolBus => Feature::BodySchoolBus,
        };
    }
}
