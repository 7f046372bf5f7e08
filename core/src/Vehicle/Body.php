<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What carries the load. `None` is a tractor. */
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
        };
    }
}
