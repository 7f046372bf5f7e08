<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** When the brake tests come in the walk. */
enum BrakeSequence: string
{
    case BeforeWalk = 'before-walk';
    case AfterWalk = 'after-walk';
    case Any = 'any';
}
