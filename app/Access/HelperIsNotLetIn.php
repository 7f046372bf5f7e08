<?php

declare(strict_types=1);

namespace App\Access;

use App\Exceptions\ProblemKind;
use App\Exceptions\Refusal;
use RuntimeException;

/** A helper's code or page that is of no use, or not any more. */
final class HelperIsNotLetIn extends RuntimeException implements Refusal
{
    public static function unknown(): self
    {
        return new self('This code is none of ours. Read it again from the scorer\'s screen, letter by letter.');
    }

    public static function used(): self
    {
        return new self('This code was used on another phone. Ask the scorer for a new one.');
    }

    public static function late(): self
    {
        return new self('This code is too old. Ask the scorer for a new one.');
    }

    public static function over(): self
    {
        return new self('This light check is over. Nothing more is asked here; thank you.');
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::LinkSpent;
    }
}
