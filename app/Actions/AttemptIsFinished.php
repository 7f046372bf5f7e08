<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

final class AttemptIsFinished extends RuntimeException
{
    private function __construct(public readonly string $attemptId)
    {
        parent::__construct('This attempt is finished and takes no more marks. What was recorded before is unchanged.');
    }

    public static function of(string $attemptId): self
    {
        return new self($attemptId);
    }
}
