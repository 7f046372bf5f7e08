<?php

declare(strict_types=1);

namespace App\Exceptions;

/** An exception that tells whoever asked what is in the way and what to do; its message is read by people. */
interface Refusal extends \Throwable
{
    public function kind(): ProblemKind;
}
