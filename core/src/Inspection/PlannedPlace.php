<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\FeatureSet;

/** Where on this vehicle a stop of the checklist is made. */
final readonly class PlannedPlace
{
    /**
     * @param  list<Axle>  $axles  empty off the axles
     * @param  non-empty-list<FeatureSet>  $features  what the vehicle and each axle of this spot have, one set for each
     *   axle in turn
     * @param  non-empty-list<FeatureSet>  $groupFeatures  likewise for all axles of the group; the same off the axles
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $axles,
        /** The first spot of its stop: what is asked once for a group of axles is asked there. */
        public bool $first,
        public array $features,
        public array $groupFeatures,
        /** Whether the group has one axle only, which is then named by the group. */
        public bool $isOnlyOne,
    ) {}
}
