<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

/** "The same as ...": the items of a place, said by naming an axle or side. */
final readonly class Reference
{
    /**
     * @param  list<string>  $except  ids of items that were left out
     * @param  array<string, true>  $walked  the axles that had been stood at, or spoken of, when it was made
     */
    public function __construct(
        public string $place,
        /** Axle as in an item's id, "left" or "right". */
        public string $from,
        public array $except,
        public int $atMs,
        public array $walked,
        /** Made only after the place was shut. */
        public bool $late,
    ) {}
}
