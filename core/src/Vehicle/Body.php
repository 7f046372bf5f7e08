<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What carries the load. `None` is a tractor. */
enum Body: string
{
    case None = 'none';
    case ContainerChassis = 'container-chassis';
    case Van = 'van';
    case StakeBed = 'stake-bed';
}
