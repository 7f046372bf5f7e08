<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Air;

/** Where air is lost; `applied` only while the pedal is down. */
enum LeakPlace: string
{
    case Supply = 'supply';
    case Primary = 'primary';
    case Secondary = 'secondary';
    case Trailer = 'trailer';
    case Applied = 'applied';
}
