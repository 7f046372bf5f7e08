<?php

declare(strict_types=1);

namespace Pasada\Core\Catalogue;

/** The kinds of statement a student makes about a part. The codes are stored and sent: never rename one. */
enum Point: string
{
    case Mounted = 'mounted';
    case Intact = 'intact';
    case Complete = 'complete';
    case Sealed = 'sealed';
    case RubberOk = 'rubber_ok';
    case WiringOk = 'wiring_ok';
    case Level = 'level';
    case Cap = 'cap';
    case Drive = 'drive';
    case BeltPlay = 'belt_play';
    case RodPlay = 'rod_play';
    case SteerPlay = 'steer_play';
    case NoWelds = 'no_welds';
    case Colour = 'colour';
    case Clean = 'clean';
    case Works = 'works';
    case Functions = 'functions';
    case Adjusted = 'adjusted';
    case Thickness = 'thickness';
    case NoContaminant = 'no_contaminant';
    case Depth = 'depth';
    case Even = 'even';
    case Inflation = 'inflation';
    case Retread = 'retread';
    case Matched = 'matched';
    case NoLooseness = 'no_looseness';
    case NotShifted = 'not_shifted';
    case Greased = 'greased';
    case Locked = 'locked';
    case NoGap = 'no_gap';
    case AroundShank = 'around_shank';
    case Raised = 'raised';
    case Clearance = 'clearance';
    case NotDragging = 'not_dragging';
    case Seated = 'seated';
    case Coverage = 'coverage';
    case Reading = 'reading';
    case Charged = 'charged';
    case Count = 'count';
    case Identified = 'identified';
}
