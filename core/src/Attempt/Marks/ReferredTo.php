<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt\Marks;

use Pasada\Core\Inspection\Side;

/** What a reference names: an axle of the vehicle, or a side of it. */
final readonly class ReferredTo
{
    /** @param  string|null  $axle  id of the axle, or of its group where a tandem is asked as one */
    private function __construct(public ?string $axle, public ?Side $side) {}

    /** @param  string  $key  axle as in an item's id, "left" or "right" */
    public static function of(string $key): self
    {
        $side = Side::tryFrom($key);

        return new self($side === null ? $key : null, $side);
    }

    /** As in the open format. */
    public function key(): string
    {
        return $this->side === null ? (string) $this->axle : $this->side->value;
    }
}
