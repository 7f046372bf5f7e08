<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** When an item is earned. */
enum CreditRule: string
{
    /** Pointed at, named, and at least one true statement. */
    case Named = 'named';
    /** All its essential points. */
    case Essential = 'essential';
    /** A share per point said, essential points counting double. */
    case Weighted = 'weighted';
    /** Every listed point. */
    case Full = 'full';
}
