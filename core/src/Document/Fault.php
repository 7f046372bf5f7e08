<?php

declare(strict_types=1);

namespace Pasada\Core\Document;

/** One thing wrong in a document: where, and what to do about it. */
final readonly class Fault
{
    private function __construct(
        /** Place in the document, as `sections[2].stops[0].asks[3]`; empty for the document as a whole. */
        public string $path,
        public string $message,
    ) {}

    public static function at(string $path, string $message): self
    {
        return new self($path, $message);
    }

    public function __toString(): string
    {
        return $this->path === '' ? $this->message : $this->path.': '.$this->message;
    }
}
