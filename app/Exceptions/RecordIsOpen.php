<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

final class RecordIsOpen extends RuntimeException implements Refusal
{
    public static function toBeSigned(): self
    {
        return new self('The walk is not finished yet; finish it, then sign.');
    }

    public static function toBeAmended(): self
    {
        return new self('The walk is not finished yet; mark it as usual instead of amending it.');
    }

    public static function toBeVoided(): self
    {
        return new self('The walk is not finished. Discard it on the scoring screen, or let it be finished first.');
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::RecordOpen;
    }
}
