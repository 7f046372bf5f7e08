<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

final class AttemptIdIsTaken extends RuntimeException
{
    private function __construct(public readonly string $attemptId)
    {
        parent::__construct('This id belongs to another attempt already. Start again from "New attempt".');
    }

    public static function by(string $attemptId): self
    {
        return new self($attemptId);
    }
}
