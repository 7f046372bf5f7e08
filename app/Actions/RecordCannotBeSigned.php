<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Party;
use RuntimeException;

final class RecordCannotBeSigned extends RuntimeException
{
    public static function becauseItGoesOn(): self
    {
        return new self('The walk is not finished yet; finish it, then sign.');
    }

    public static function becauseItIs(Party $party): self
    {
        return new self(sprintf('The %s has signed this record already; what was signed stays as it is.', $party->value));
    }
}
