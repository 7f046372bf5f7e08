<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** How a component at axles is asked. */
enum AxleRule: string
{
    /** Once for every axle. */
    case Each = 'each';
    /** Once for the axles of a group together: a tandem is one. */
    case Group = 'group';
    /** Once for the whole vehicle, at the first axle of the walk. */
    case All = 'all';
}
