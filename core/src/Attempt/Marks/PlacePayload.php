<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** A place that was entered or left. */
final readonly class PlacePayload implements Payload
{
    public function __construct(public string $place) {}

    public function item(): null
    {
        return null;
    }

    public function fields(): MarkFields
    {
        return new MarkFields(place: $this->place);
    }
}
