<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

use Pasada\Core\CoreException;
use RuntimeException;

final class DocumentHasFaults extends RuntimeException implements CoreException
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly string $document, public readonly array $faults)
    {
        $more = count($faults) - 1;

        parent::__construct($document.': '.$faults[0].($more > 0 ? sprintf(' (and %d more)', $more) : ''));
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function in(string $document, array $faults): self
    {
        return new self($document, $faults);
    }
}
