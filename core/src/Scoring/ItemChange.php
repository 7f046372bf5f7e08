<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Inspection\Item;

/** How one item scores under one checklist and under another; null where it is not asked. */
final readonly class ItemChange
{
    public function __construct(public Item $item, public ?ItemOutcome $before, public ?ItemOutcome $after) {}
}
