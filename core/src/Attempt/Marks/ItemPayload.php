<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Side;

/** What was said or seen of an item. */
final readonly class ItemPayload implements Payload
{
    public function __construct(
        public string $item,
        /** The points that it is about; none where it is about all of the item, or about its name. */
        public PointSet $points = new PointSet(0),
        /** The side, where it is about one only; null means both. */
        public ?Side $side = null,
        /** A figure as said, in thousandths of the unit that the item's figure has. */
        public ?int $value = null,
        /** What was said instead, or what is wrong with it. */
        public ?string $text = null,
    ) {}

    public function item(): string
    {
        return $this->item;
    }

    public function fields(): MarkFields
    {
        return new MarkFields(
            item: $this->item, points: $this->points, text: $this->text, side: $this->side, value: $this->value,
        );
    }
}
