<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** How parts that this vehicle does not have are dealt with. */
enum NotFittedRule: string
{
    /** The vehicle's description decides: they are not asked. */
    case ByVehicle = 'vehicle';
    /** They stay on the list and are earned by saying "not equipped", confirmed by the scorer. */
    case Spoken = 'spoken';
}
