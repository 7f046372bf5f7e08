<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

/**
 * A part of the inspection: drawn or set, the sections that are asked beside those that always are; or for practice,
 * chosen ones and nothing else.
 */
final readonly class Form
{
    /** How the id of chosen sections begins; the ids of the sections follow, joined by a plus. */
    public const CHOSEN = 'only:';

    /** @param  non-empty-list<string>  $sections  ids */
    public function __construct(
        public string $id,
        public string $name,
        public array $sections,
        /** Chance in the draw, relative to the other forms; 0 is never drawn, but can be set by hand. */
        public int $weight,
        /** Chosen for practice: what a checklist always asks is left out, too. */
        public bool $isChosen = false,
    ) {}
}
