<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\RestartedItems;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;

/** The brake tests that can still be said anew, because the checklist allows another restart. */
final readonly class RestartableItems
{
    /** @param  array<string, true>  $ids  by item */
    private function __construct(public array $ids) {}

    public static function of(Inspection $inspection, Walk $walk): self
    {
        $rules = $inspection->checklist->rules->brakes;
        if ($rules === null || $walk->finished || $walk->restarts >= $rules->restarts) {
            return new self([]);
        }

        return new self(array_fill_keys(RestartedItems::of($rules, $inspection->items), true));
    }

    public function has(Item $item): bool
    {
        return isset($this->ids[$item->id]);
    }
}
