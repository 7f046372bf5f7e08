<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist\Rules;

/** What order is expected of the walk. */
final readonly class WalkOrder
{
    public function __construct(
        /** Whether sections follow each other as listed. */
        public bool $sectionsFixed,
        public OrderRule $items,
        public Direction $direction,
        public TandemOrder $tandem = TandemOrder::Kept,
    ) {}
}
