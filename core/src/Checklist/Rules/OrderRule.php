<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** In what order parts may be said. */
enum OrderRule: string
{
    /** As listed. */
    case Fixed = 'fixed';
    /** Any order, but the parts of one section together. */
    case Grouped = 'grouped';
    case Free = 'free';
}
