<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Vehicle\Axle;
use Pasada\Core\Vehicle\FeatureSet;
use Pasada\Core\Vehicle\Unit;

/** Where on this vehicle a stop of the checklist is made. */
final readonly class PlannedPlace
{
    /**
     * @param  list<Axle>  $axles  empty off the axles
     * @param  non-empty-list<FeatureSet>  $features  what the vehicle and each axle of this spot have, one set for each
     *   axle in turn
     * @param  non-empty-list<FeatureSet>  $spanFeatures  likewise for all axles of the span; the same off the axles
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $axles,
        /** The first spot of its span: what is asked once for a span of axles is asked there. */
        public bool $first,
        public array $features,
        public array $spanFeatures,
        /** Whether the span has one axle only, which is then named by the span. */
        public bool $isOnlyOne,
        /** The unit that it belongs to, where each unit is asked; null for what the vehicle has once. */
        public ?Unit $unit = null,
        /** Where the vehicle has several couplings, this is the one by which the unit is pulled. */
        public bool $isCoupling = false,
    ) {}
}
