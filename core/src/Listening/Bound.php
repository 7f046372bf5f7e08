<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

/** How a figure was said to limit: "at least", "no more than", or not at all. */
enum Bound
{
    case AtLeast;
    case AtMost;
    case Plain;
}
