<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

/** How a run of brake tests stands, and the sheet of a walk. */
enum Standing: string
{
    case Passed = 'passed';
    /** More is to come: steps, something to be said, a reading, or items with which the mark can still be reached. */
    case Open = 'open';
    case Failed = 'failed';
}
