<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Attempt\Marks\ItemPayload;
use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Inspection\Item;

/** A mark of an item as it comes in a replay. */
final readonly class ItemMark
{
    public function __construct(
        public Item $item,
        public Mark $mark,
        public ItemPayload $of,
        /** Whether the item's place was shut already, so that it comes too late. */
        public bool $isShut,
    ) {}
}
