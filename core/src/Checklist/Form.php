<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/** A drawn part of the inspection: which sections are asked beside those that always are. */
final readonly class Form
{
    /** @param  non-empty-list<string>  $sections  ids */
    public function __construct(
        public string $id,
        public string $name,
        public array $sections,
        /** Chance in the draw, relative to the other forms; 0 is never drawn, but can be set by hand. */
        public int $weight,
    ) {}
}
