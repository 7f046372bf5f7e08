<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Checklist\Rules\CreditRule;

final readonly class Section
{
    /** @param  list<Stop>  $stops  in walking order */
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

    /** The same without its stops. */
    public function withoutStops(): self
    {
        return new self($this->id, $this->name, $this->short, [], $this->credit, $this->timeAllowedSeconds);
    }
}
