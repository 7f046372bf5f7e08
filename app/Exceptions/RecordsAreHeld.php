<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Records that somebody has put a hold on. */
final class RecordsAreHeld extends RuntimeException implements Refusal
{
    public static function because(string $reason): self
    {
        return new self(sprintf(
            'These records are held (%s), so nothing was erased. End the hold first, where the dispute is over.',
            rtrim($reason, '.'),
        ));
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::ContentConflict;
    }
}
