<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use DomainException;
use Pasada\Core\CoreException;

final class MarksConflict extends DomainException implements CoreException
{
    private function __construct(public readonly string $markId)
    {
        parent::__construct(
            sprintf('Two different marks carry the id %s; a changed mark needs an id of its own.', $markId),
        );
    }

    public static function on(string $markId): self
    {
        return new self($markId);
    }
}
