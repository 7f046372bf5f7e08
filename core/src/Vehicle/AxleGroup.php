<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

enum AxleGroup: string
{
    case Steer = 'steer';
    case Drive = 'drive';
    case Trailer = 'trailer';

    public function label(): string
    {
        return match ($this) {
            self::Steer => 'steer axle',
            self::Drive => 'drive axle',
            self::Trailer => 'trailer axle',
        };
    }
}
