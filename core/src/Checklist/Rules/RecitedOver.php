<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What an item earns that was recited as sound over a known defect. */
enum RecitedOver: string
{
    case Nothing = 'nothing';
    case Half = 'half';
    /** As if the defect were not there; it is still told of on the sheet. */
    case Full = 'full';
}
