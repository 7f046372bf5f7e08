<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

/** What a mark records. The values are stored and sent: never rename one. */
enum MarkKind: string
{
    case HeardWhole = 'heard_whole';
    case PointsHeard = 'points_heard';
    case PointsTakenBack = 'points_taken_back';
    case PlaceEntered = 'place_entered';
    case PlaceClosed = 'place_closed';
    case NotFitted = 'not_fitted';
    case Note = 'note';
    case Undo = 'undo';
    case Finished = 'finished';
}
