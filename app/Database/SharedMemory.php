<?php

declare(strict_types=1);

namespace App\Database;

/** The memory that the workers of one php-fpm share (APCu); there is none on the command line. */
final readonly class SharedMemory
{
    public static function isThere(): bool
    {
        return function_exists('apcu_enabled') && apcu_enabled();
    }
}
