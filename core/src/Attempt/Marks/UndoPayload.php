<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** The mark that is taken out of force. */
final readonly class UndoPayload implements Payload
{
    public function __construct(public string $undoes) {}

    public function item(): null
    {
        return null;
    }

    public function fields(): MarkFields
    {
        return new MarkFields(undoes: $this->undoes);
    }
}
