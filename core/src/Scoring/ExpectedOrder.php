<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Checklist\Direction;
use Pasada\Core\Checklist\OrderRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Place;

/**
 * The rank each item is expected at, given the direction in which the student worked the axles and, where sections
 * are free, the order in which he took them.
 */
final readonly class ExpectedOrder
{
    /** @var array<string, list<Place>> by section, in walking order */
    private array $places;

    public function __construct(private Inspection $inspection)
    {
        $places = [];
        foreach ($inspection->places as $place) {
            $places[$place->section][] = $place;
        }
        $this->places = $places;
    }

    /**
     * Ranks of the items in the order of naming, and the direction taken by section.
     *
     * Where the checklist leaves the direction open, the one is taken under which fewer items are out of place.
     *
     * @param  list<string>  $ids  in the order of naming
     * @return array{list<int>, array<string, string>}
     */
    public function ranks(array $ids): array
    {
        $sections = $this->axleSections($ids);
        $directions = match ($this->inspection->checklist->rules->order->direction) {
            Direction::InsideOut => array_fill_keys($sections, Direction::InsideOut),
            Direction::OutsideIn => array_fill_keys($sections, Direction::OutsideIn),
            Direction::Kept => array_fill_keys($sections, $this->better($ids, $sections)),
        };

        return [$this->ranksOf($ids, $directions), array_map(static fn (Direction $direction): string => $direction->value, $directions)];
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> sections with several places at an axle, of which something was named
     */
    private function axleSections(array $ids): array
    {
        $atAxles = [];
        foreach ($this->inspection->places as $place) {
            if ($place->group !== null) {
                $atAxles[$place->section] = ($atAxles[$place->section] ?? 0) + 1;
            }
        }
        $named = [];
        foreach ($ids as $id) {
            $section = $this->inspection->items[$id]->section;
            if (($atAxles[$section] ?? 0) > 1) {
                $named[$section] = true;
            }
        }

        return array_keys($named);
    }

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $sections
     */
    private function better(array $ids, array $sections): Direction
    {
        $kept = fn (Direction $direction): int => count(LongestIncreasing::places($this->ranksOf($ids, array_fill_keys($sections, $direction))));

        return $kept(Direction::OutsideIn) > $kept(Direction::InsideOut) ? Direction::OutsideIn : Direction::InsideOut;
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, Direction>  $directions
     * @return list<int>
     */
    private function ranksOf(array $ids, array $directions): array
    {
        $rank = [];
        $next = 0;
        $turns = array_flip($ids);
        $grouped = $this->inspection->checklist->rules->order->items === OrderRule::Grouped;
        foreach ($this->sectionsInOrder($ids) as $section) {
            $places = $this->places[$section];
            foreach (($directions[$section] ?? null) === Direction::OutsideIn ? $this->outsideIn($places) : $places as $place) {
                foreach ($place->items as $item) {
                    // Grouped: within a section, and within a place at an axle, parts are in order as they are said.
                    $rank[$item->id] = $grouped ? $next + ($turns[$item->id] ?? 0) : $next++;
                }
                $next += $grouped && isset($directions[$section]) ? count($ids) : 0;
            }
            $next += $grouped ? count($ids) : 0;
        }

        return array_map(static fn (string $id): int => $rank[$id], $ids);
    }

    /**
     * The places of each axle turned round; what is not at an axle stays where it is listed.
     *
     * @param  list<Place>  $places
     * @return list<Place>
     */
    private function outsideIn(array $places): array
    {
        $turned = $axle = [];
        foreach ($places as $place) {
            if ($place->group === null || ($axle !== [] && $axle[0]->axles !== $place->axles)) {
                $turned = [...$turned, ...array_reverse($axle)];
                $axle = [];
            }
            if ($place->group === null) {
                $turned[] = $place;
            } else {
                $axle[] = $place;
            }
        }

        return [...$turned, ...array_reverse($axle)];
    }

    /**
     * As listed where sections are fixed; else as the student took them.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function sectionsInOrder(array $ids): array
    {
        $listed = array_keys($this->inspection->sections);
        if ($this->inspection->checklist->rules->order->sectionsFixed) {
            return $listed;
        }
        $taken = [];
        foreach ($ids as $id) {
            $taken[$this->inspection->items[$id]->section] = true;
        }

        return array_values(array_unique([...array_keys($taken), ...$listed]));
    }
}
