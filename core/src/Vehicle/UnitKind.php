<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What a unit of the vehicle is: something that drives, or something that is pulled. */
enum UnitKind: string
{
    case DayCabTractor = 'day-cab-tractor';
    case SleeperTractor = 'sleeper-tractor';
    case StraightTruck = 'straight-truck';
    case Bus = 'bus';
    case Semitrailer = 'semitrailer';

    public function isPowered(): bool
    {
        return $this !== self::Semitrailer;
    }
}
