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
