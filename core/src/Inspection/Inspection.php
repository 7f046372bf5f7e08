<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Vehicle\Vehicle;

/** Everything that is asked of this vehicle under this checklist, in walking order. */
final readonly class Inspection
{
    /**
     * @param  list<Place>  $places  in walking order; a place without items is left out
     * @param  array<string, Item>  $items  by id, in walking order
     * @param  array<string, string>  $sectionNames  by section id, in walking order, those with items only
     */
    private function __construct(
        public Checklist $checklist,
        public Vehicle $vehicle,
        public array $places,
        public array $items,
        public array $sectionNames,
    ) {}

    /** @throws NothingToInspect if the checklist asks nothing of this vehicle */
    public static function of(Checklist $checklist, Vehicle $vehicle): self
    {
        $places = (new WalkPlanner($checklist, $vehicle))->places();
        $items = [];
        $sections = [];
        foreach ($places as $place) {
            foreach ($place->items as $item) {
                $items[$item->id] = $item;
            }
            $sections[$place->section] = true;
        }
        if ($items === []) {
            throw NothingToInspect::of($checklist->id, $vehicle->id);
        }
        $names = [];
        foreach ($checklist->sections as $section) {
            if (isset($sections[$section->id])) {
                $names[$section->id] = $section->name;
            }
        }

        return new self($checklist, $vehicle, $places, $items, $names);
    }

    public function item(string $id): ?Item
    {
        return $this->items[$id] ?? null;
    }

    public function place(string $id): ?Place
    {
        foreach ($this->places as $place) {
            if ($place->id === $id) {
                return $place;
            }
        }

        return null;
    }
}
