<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Something else is due for deletion than what was confirmed. */
final class DueHasChanged extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct(
            'What is due has changed since you looked, so nothing was deleted. Look at it again and confirm anew.',
        );
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::ContentConflict;
    }
}
