<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

enum Side: string
{
    case Left = 'left';
    case Right = 'right';
}
