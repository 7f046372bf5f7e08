<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

/** How an item stands. The values are stored and sent: never rename one. */
enum ItemStatus: string
{
    /** Not said, and its place not yet done. */
    case NotReached = 'not_reached';
    /** Earned all it is worth under the credit rule. */
    case Whole = 'whole';
    /** Named, but not all that the credit rule wants. */
    case Partial = 'partial';
    /** What is lacking was said, but only after its place was shut. */
    case Late = 'late';
    /** Waved: not fitted on this vehicle. */
    case NotFitted = 'not_fitted';
    /** Its place is done, or the walk is over, and it was not said. */
    case Missed = 'missed';
}
