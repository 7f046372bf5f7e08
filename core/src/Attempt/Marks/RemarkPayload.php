<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

/** What the scorer writes down or wants to come back to, of an item or of the walk. */
final readonly class RemarkPayload implements Payload
{
    public function __construct(public ?string $text, public ?string $item = null) {}

    public function item(): ?string
    {
        return $this->item;
    }

    public function fields(): MarkFields
    {
        return new MarkFields(item: $this->item, text: $this->text);
    }
}
