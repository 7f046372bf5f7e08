<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/** Address and password are right; a code is asked for as well. */
final class SecondFactorIsAsked extends RuntimeException implements Refusal
{
    public function __construct()
    {
        parent::__construct('Enter the code that your authenticator shows, or one that you wrote down.');
    }

    public function kind(): ProblemKind
    {
        return ProblemKind::SecondFactor;
    }
}
