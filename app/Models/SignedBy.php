<?php

declare(strict_types=1);

namespace App\Models;

/** By what somebody signed. Kept for good: never rename one. */
enum SignedBy: string
{
    /** In the own session, on whatever device. */
    case Session = 'session';
    /** By a short code of the own account, on the device of another. */
    case Code = 'code';
    /** On the glass of whoever scores, or by a name typed there. */
    case Glass = 'glass';

    /** @param  bool  $isTyped  whether a name was typed, and nothing drawn */
    public function said(bool $isTyped): string
    {
        return match ($this) {
            self::Session => $isTyped ? 'in the own session, by typing the name' : 'in the own session',
            self::Code => 'by a code of the own account',
            self::Glass => $isTyped ? 'by typing the name on the scorer\'s device' : 'on the scorer\'s glass',
        };
    }
}
