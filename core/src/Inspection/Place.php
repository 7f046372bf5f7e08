<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Zone;
use Pasada\Core\Vehicle\AxleGroup;

/** A place on this vehicle where the student stands, with the items asked there. */
final readonly class Place
{
    /**
     * @param  list<string>  $axles  ids of the vehicle's axles that this place stands for; empty off the axles
     * @param  non-empty-list<Item>  $items  in walking order
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $section,
        /** Id of the checklist's stop that it comes from; the axles of a group share one. */
        public string $stop,
        public Zone $zone,
        /** Set at an axle. */
        public ?AxleGroup $group,
        public array $axles,
        public array $items,
        /**
         * The stretch of the walk that it belongs to: its section or, where the vehicle has several units to go along,
         * its section at one of them.
         */
        public string $stretch,
        /** Id of the unit that it is at, where each unit is asked; null for what the vehicle has once. */
        public ?string $unit = null,
    ) {}

    /** @param  non-empty-list<Item>  $items */
    public function withItems(array $items): self
    {
        return new self(
            $this->id, $this->name, $this->section, $this->stop, $this->zone, $this->group, $this->axles, $items,
            $this->stretch, $this->unit,
        );
    }
}
