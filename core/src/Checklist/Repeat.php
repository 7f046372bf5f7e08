<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/** How a component with two sides is asked. */
enum Repeat: string
{
    case Once = 'once';
    /** Each side is an item of its own. */
    case Side = 'side';
    /** One item that has two sides; the checklist's side rule says what one of them earns. */
    case TwoSided = 'two-sided';
}
