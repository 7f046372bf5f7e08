<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/**
 * When something was said that was not marked as it was said, but at the finish or by amendment. Stored: never rename
 * one.
 */
enum SaidWhen: string
{
    /** While its place was open; when exactly is not known, so it has no part in the order. */
    case InTime = 'in_time';
    /** After its place had been left. */
    case Late = 'late';
}
