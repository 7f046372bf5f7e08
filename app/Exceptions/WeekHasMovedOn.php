<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Two planned the same week at once. */
final class WeekHasMovedOn extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'Somebody else planned meanwhile. Load the week again to see how it stands; your last change was not '.
                'taken.',
        );
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::WeekMovedOn;
    }
}
