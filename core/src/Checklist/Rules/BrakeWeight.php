<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What a fault of the brake tests costs. */
enum BrakeWeight: string
{
    /** The inspection. */
    case Critical = 'critical';
    /** The section that holds the tests: nothing of it is earned. */
    case Section = 'section';
    /** The item, like any other. */
    case Counted = 'counted';
}
