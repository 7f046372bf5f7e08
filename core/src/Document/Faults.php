<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/**
 * Collects the faults of one document, so that a person mends them all at once.
 *
 * The one class of the core that changes after it is made: it lives for the reading of one document only.
 */
final class Faults
{
    /** @var list<Fault> */
    private array $faults = [];

    public function add(string $path, string $message): void
    {
        $this->faults[] = Fault::at($path, $message);
    }

    public function none(): bool
    {
        return $this->faults === [];
    }

    /** @throws DocumentHasFaults if anything was added */
    public function stopIfAny(string $document): void
    {
        if ($this->faults !== []) {
            throw DocumentHasFaults::in($document, $this->faults);
        }
    }
}
