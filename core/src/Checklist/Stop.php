<?php

declare(strict_types=1);

namespace Pasada\Core\Checklist;

use Pasada\Core\Vehicle\AxleGroup;

/** A place of the walk as the checklist describes it; on a vehicle an axle stop may become several places. */
final readonly class Stop
{
    /** @param  non-empty-list<Component>  $asks  in walking order */
    public function __construct(
        public string $id,
        public string $name,
        public Zone $zone,
        /** Set for a stop at an axle: the group whose axles it stands for. */
        public ?AxleGroup $axles,
        public array $asks,
    ) {}
}
