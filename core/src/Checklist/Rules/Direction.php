<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** In which direction the parts of an axle may be said; a checklist lists the stops at an axle from the inside out. */
enum Direction: string
{
    case InsideOut = 'inside-out';
    case OutsideIn = 'outside-in';
    /** Either, but the same at every axle. */
    case Kept = 'kept';
}
