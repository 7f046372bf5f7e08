<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/** Whether the axles of a tandem are asked one by one or once as a group. */
enum AxleRule: string
{
    case Each = 'each';
    case Group = 'group';
}
