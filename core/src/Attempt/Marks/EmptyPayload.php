<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** Of a mark whose kind and time say all. */
final readonly class EmptyPayload implements Payload
{
    public function item(): null
    {
        return null;
    }

    public function fields(): MarkFields
    {
        return new MarkFields;
    }
}
