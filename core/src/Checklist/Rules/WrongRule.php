<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What a wrong statement that was not put right in time costs. */
enum WrongRule: string
{
    /** The point it was made about. */
    case Point = 'point';
    /** The whole item. */
    case Item = 'item';
}
