<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/** How often a component is asked where it stands: once, or once for each side of the vehicle. */
enum Repeat: string
{
    case Once = 'once';
    case Side = 'side';
}
