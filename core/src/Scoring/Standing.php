<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

enum Standing: string
{
    case Passed = 'passed';
    /** The walk goes on and the mark can still be reached. */
    case Open = 'open';
    case Failed = 'failed';
}
