<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** The section whose tests were restarted. */
final readonly class SectionPayload implements Payload
{
    public function __construct(public string $section) {}

    public function item(): null
    {
        return null;
    }

    public function fields(): MarkFields
    {
        return new MarkFields(section: $this->section);
    }
}
