<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** What is said of a line that may be somebody who is there already. */
enum RosterChoice: string
{
    case MakeNew = 'new';
    case LeaveOut = 'skip';
    /** It is the one who is there: nobody is added, and what came of an earlier exam is theirs. */
    case TheSame = 'same';
}
