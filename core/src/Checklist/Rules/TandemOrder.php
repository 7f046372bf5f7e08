<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** In which of the two usual ways the axles of a tandem may be worked. */
enum TandemOrder: string
{
    /** One axle as a whole, then the other. */
    case Axle = 'axle';
    /** The suspension of both, then the brakes of both, then the wheels of both. */
    case Part = 'part';
    /** Either, but the same at every tandem. */
    case Kept = 'kept';
}
