<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** When the tug tests come among the brake tests. */
enum TugSequence: string
{
    case BeforeLeak = 'before-leak';
    case AfterLeak = 'after-leak';
    case Any = 'any';
}
