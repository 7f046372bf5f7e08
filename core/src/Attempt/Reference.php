<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Attempt\Marks\ReferencePayload;

/** A reference that was made during the walk. */
final readonly class Reference
{
    /** @param  array<string, true>  $walked  the axles that had been stood at, or spoken of, when it was made */
    public function __construct(
        public ReferencePayload $of,
        public int $atMs,
        public array $walked,
        /** Made only after the place was shut. */
        public bool $late,
    ) {}

    /** Whether the axle that it names had not been walked when it was made. */
    public function isAhead(): bool
    {
        return $this->of->from->axle !== null && ! isset($this->walked[$this->of->from->axle]);
    }
}
