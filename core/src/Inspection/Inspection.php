<?php

declare(strict_types=1);

namespace Pasada\Core\Inspection;

use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Form;
use Pasada\Core\Checklist\Section;
use Pasada\Core\Vehicle\Vehicle;

/** Everything that is asked of this vehicle under this checklist, in walking order. */
final readonly class Inspection
{
    /** @var array<string, Place> */
    private array $placesById;

    /**
     * @param  list<Place>  $places  in walking order; a place without items is left out
     * @param  array<string, Item>  $items  by id, in walking order
     * @param  array<string, Section>  $sections  by id, in walking order, those with items only
     */
    private function __construct(
        public Checklist $checklist,
        public Vehicle $vehicle,
        /** The form that was drawn or set; null where everything is asked. */
        public ?Form $form,
        public array $places,
        public array $items,
        public array $sections,
    ) {
        $byId = [];
        foreach ($places as $place) {
            $byId[$place->id] = $place;
        }
        $this->placesById = $byId;
    }

    /** @throws NothingToInspect if the checklist asks nothing of this vehicle */
    public static function of(Checklist $checklist, Vehicle $vehicle, ?Form $form = null): self
    {
        $places = (new WalkPlanner($checklist, $vehicle, $form))->places();
        $items = [];
        $walked = [];
        foreach ($places as $place) {
            foreach ($place->items as $item) {
                $items[$item->id] = $item;
            }
            $walked[$place->section] = true;
        }
        if ($items === []) {
            throw NothingToInspect::of($checklist->id, $vehicle->id);
        }
        $sections = [];
        foreach ($checklist->sections as $section) {
            if (isset($walked[$section->id])) {
                $sections[$section->id] = $section->withoutStops();
            }
        }

        return new self($checklist->withoutStops(), $vehicle, $form, $places, $items, $sections);
    }

    public function item(string $id): ?Item
    {
        return $this->items[$id] ?? null;
    }

    public function place(string $id): ?Place
    {
        return $this->placesById[$id] ?? null;
    }

    /**
     * The same with some of its items.
     *
     * @param  callable(Item, Place): bool  $isIn
     * @return self|null null where it has none of them
     */
    public function only(callable $isIn): ?self
    {
        $places = $items = $walked = [];
        foreach ($this->places as $place) {
            $here = array_values(array_filter(
                $place->items, static fn (Item $item): bool => $isIn($item, $place),
            ));
            if ($here !== []) {
                $places[] = $place->withItems($here);
                $items += array_column($here, null, 'id');
                $walked[$place->section] = true;
            }
        }

        return $places === [] ? null : new self(
            $this->checklist, $this->vehicle, $this->form, $places, $items,
            array_intersect_key($this->sections, $walked),
        );
    }

    /** The same for somebody who is not told what is wrong with the vehicle. */
    public function withoutDefects(): self
    {
        $hide = static fn (Item $item): Item => $item->defect === null ? $item : $item->withoutDefect();
        $places = array_map(
            static fn (Place $place): Place => $place->withItems(array_map($hide, $place->items)),
            $this->places,
        );

        return new self(
            $this->checklist, $this->vehicle, $this->form, $places, array_map($hide, $this->items), $this->sections,
        );
    }
}
