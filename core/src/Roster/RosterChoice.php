<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** What is said of a line that may be somebody who is there already. */
enum RosterChoice: string
{
    case MakeNew = 'new';
    case LeaveOut = 'skip';
}
