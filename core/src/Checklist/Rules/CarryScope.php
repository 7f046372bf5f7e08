<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** Between what a spoken reference ("as I did the last one") may carry. */
enum CarryScope: string
{
    /** From one axle of a tandem to its partner. */
    case Tandem = 'tandem';
    /** From an axle of one group to an axle of another, as from drive to trailer. */
    case Axle = 'axle';
    /** From one side of the vehicle to the other. */
    case Side = 'side';
}
