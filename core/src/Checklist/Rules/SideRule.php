<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What one side of a two-sided item earns. */
enum SideRule: string
{
    /** One side earns the item. */
    case One = 'one';
    /** Both sides are needed; one earns half. */
    case Both = 'both';
}
