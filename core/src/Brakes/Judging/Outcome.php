<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Judging;

/** How a step of the sequence stands. */
enum Outcome: string
{
    case Met = 'met';
    case Broken = 'broken';
    /** Begun and not finished, or something can still be said. */
    case NotYet = 'not-yet';
    case NotDone = 'not-done';
    /** Done, but a reading lacks that the scorer has to tell. */
    case NotJudged = 'not-judged';
}
