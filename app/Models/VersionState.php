<?php

declare(strict_types=1);

namespace App\Models;

/** Where a version of a checklist or vehicle is in its life. */
enum VersionState: string
{
    case InForce = 'in-force';
    /** Comes into force on a later day. */
    case Scheduled = 'scheduled';
    /** A later version is in force in its place. */
    case Replaced = 'replaced';
    case Withdrawn = 'withdrawn';
    case NeverInForce = 'never-in-force';
}
