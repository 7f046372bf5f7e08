<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Nobody would be left who looks after the school. */
final class LastManager extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'This is the only manager; without one nobody could let people in any more. Make somebody else a '.
                'manager first.',
        );
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::ContentConflict;
    }
}
