<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

/** A part that a checklist asks and that is not asked of one vehicle, with the reason in words. */
final readonly class LeftOut
{
    public function __construct(
        public string $component, public string $name, public string $section, public string $stop,
        public string $reason,
    ) {}
}
