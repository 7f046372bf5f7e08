<?php

declare(strict_types=1);

namespace Pasada\Core\Brakes\Events;

use DomainException;
use Pasada\Core\CoreException;

final class EntriesConflict extends DomainException implements CoreException
{
    private function __construct(public readonly string $entryId)
    {
        parent::__construct(
            sprintf('Two different observations carry the id %s; a changed one needs an id of its own.', $entryId),
        );
    }

    public static function on(string $entryId): self
    {
        return new self($entryId);
    }
}
