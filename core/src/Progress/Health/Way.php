<?php

declare(strict_types=1);

namespace Pasada\Core\Progress\Health;

/** Which way a scorer leans beside the others. */
enum Way: string
{
    case Stricter = 'stricter';
    case Milder = 'milder';
    case Alike = 'alike';
    /** Too few walks to say. */
    case Unknown = 'unknown';
}
