<?php

declare(strict_types=1);

namespace App\Library;

/** Where a session keeps when, and with which password, it began; gone at a sign-in, which begins it anew. */
final readonly class SessionStart
{
    public const KEY = 'signed_in';
}
