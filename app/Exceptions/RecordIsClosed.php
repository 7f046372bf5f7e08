<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class RecordIsClosed extends RuntimeException implements Refusal
{
    private function __construct(public readonly string $attemptId)
    {
        parent::__construct(
            'This attempt is closed and takes nothing more. What was recorded before is unchanged; change it by an '.
                'amendment, with a reason.',
        );
    }

    public static function of(string $attemptId): self
    {
        return new self($attemptId);
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::RecordClosed;
    }
}
