<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** As what the light check is asked. */
enum LightAsk: string
{
    case One = 'one';
    case Functions = 'function';
    case Places = 'function-and-place';
}
