<?php

declare(strict_types=1);

namespace App\Operations;

/** How a part of the service stands. Sent: never rename one. */
enum CheckState: string
{
    case Ok = 'ok';
    /** It works, and somebody should look at it today. */
    case Warning = 'warning';
    /** Requests should go to another server. */
    case Failed = 'failed';
}
