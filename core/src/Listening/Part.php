<?php

declare(strict_types=1);

namespace Pasada\Core\Listening;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Zone;

/** A component of the catalogue as the listener knows it. */
final readonly class Part
{
    public function __construct(public string $id, public Zone $zone, public PointSet $essential, public PointSet $points, public ?Point $lends = null) {}

    /** The part of the id before the dot: "brake" of "brake.drum". */
    public function family(): string
    {
        return explode('.', $this->id)[0];
    }
}
