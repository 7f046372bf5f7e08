<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

/** A figure that is not what the checklist accepts. */
final readonly class WrongFigure
{
    public function __construct(
        public float $at, public string $component, public ?string $axle, public string $what,
    ) {}
}
