<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

final readonly class Section
{
    /** @param  non-empty-list<Stop>  $stops  in walking order */
    public function __construct(
        public string $id,
        public string $name,
        /** A word or two for the drawing. */
        public string $short,
        public array $stops,
        /** Credit rule of this section, where it has one of its own. */
        public ?CreditRule $credit,
        public ?int $timeAllowedSeconds,
    ) {}
}
