<?php

declare(strict_types=1);

namespace App\Access;

use App\Exceptions\ProblemKind;
use App\Exceptions\Refusal;
use RuntimeException;

/** A link for a password that is of no use any more. */
final class LinkOpensNothing extends RuntimeException implements Refusal
{
    public static function unknown(): self
    {
        return new self('This link is not one of ours. Copy all of it, or ask your school for a new one.');
    }

    public static function used(): self
    {
        return new self(
            'This link was used, or a newer one was made. Sign in with the password that was set, or ask your school '.
                'for a new link.',
        );
    }

    public static function late(): self
    {
        return new self('This link is too old. Ask your school for a new one.');
    }

    public static function disabled(): self
    {
        return new self('This account is closed. Ask the manager of your school.');
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::LinkSpent;
    }
}
