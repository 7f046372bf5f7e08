<?php

declare(strict_types=1);

namespace App\Actions;

use RuntimeException;

final class DraftHasMovedOn extends RuntimeException
{
    private function __construct(public readonly string $draftId)
    {
        parent::__construct('Somebody else changed this draft meanwhile. Load it again to see how it stands; your last change was not taken.');
    }

    public static function of(string $draftId): self
    {
        return new self($draftId);
    }
}
