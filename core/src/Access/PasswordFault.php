<?php

declare(strict_types=1);

namespace Pasada\Core\Access;

/** What is wrong with a password that somebody chose. */
enum PasswordFault: string
{
    case TooShort = 'too-short';
    case TooLong = 'too-long';
    case Common = 'common';
    case OwnName = 'own-name';

    public function said(): string
    {
        return match ($this) {
            self::TooShort => sprintf(
                'A password has at least %d characters; three or four words that do not belong together are easy to '.
                    'keep in mind.',
                PasswordRule::LEAST,
            ),
            self::TooLong => sprintf('A password has at most %d bytes; shorten it.', PasswordRule::MOST_BYTES),
            self::Common => 'Many people have this password, and it is guessed first. Choose another.',
            self::OwnName => 'This password holds your own name or address, which others know. Choose another.',
        };
    }
}
