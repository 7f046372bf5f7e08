<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

use Pasada\Core\Catalogue\Point;

/** A figure of this vehicle that wins over the checklist's, such as its own governor cut-out or tyre pressure. */
final readonly class OwnFigure
{
    public function __construct(
        public string $component,
        public Point $point,
        /** Set where it holds for the axles of one group only. */
        public ?AxleGroup $axles,
        /** Thousandths of the unit that the checklist's figure has; null where there is no lower limit. */
        public ?int $low,
        public ?int $high,
        public string $note,
        /** Id of the brake test it is for, where the component is scored by several; null for the usual one. */
        public ?string $test = null,
    ) {}
}
