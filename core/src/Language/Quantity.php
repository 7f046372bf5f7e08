<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/** A figure as it was said. */
final readonly class Quantity
{
    public function __construct(
        /** Index of the first word. */
        public int $from,
        /** Index after the last word. */
        public int $to,
        /** The figure; of a range, its lower end. */
        public float $value,
        /** Upper end of a range; null where one figure was said. */
        public ?float $high,
        public QuantityUnit $unit,
    ) {}
}
