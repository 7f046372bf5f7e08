<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use DomainException;
use Pasada\Core\CoreException;

final class NothingToInspect extends DomainException implements CoreException
{
    private function __construct(public readonly string $checklist, public readonly string $vehicle)
    {
        parent::__construct(
            sprintf(
                'The checklist "%s" asks nothing of the vehicle "%s"; choose another of them.',
                $checklist,
                $vehicle,
            ),
        );
    }

    public static function of(string $checklist, string $vehicle): self
    {
        return new self($checklist, $vehicle);
    }
}
