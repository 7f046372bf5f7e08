<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Checklist\OrderRule;
use Pasada\Core\Checklist\TandemOrder;
use Pasada\Core\Checklist\WalkOrder;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Place;

/**
 * The rank each item is expected at, in the order that is fairest to the student among those that the checklist allows: the way in
 * which the axles were worked and, where sections are free, the order in which they were taken. The fewest items are out of place under it.
 */
final readonly class ExpectedOrder
{
    /** @var array<string, list<Place>> by section, in walking order */
    private array $places;

    private WalkOrder $rule;

    public function __construct(private Inspection $inspection)
    {
        $places = [];
        foreach ($inspection->places as $place) {
            $places[$place->section][] = $place;
        }
        $this->places = $places;
        $this->rule = $inspection->checklist->rules->order;
    }

    /**
     * @param  list<string>  $ids  in the order of naming
     * @return array{list<int>, array<string, string>, ?TandemOrder} ranks in that order; the direction taken by section; how tandems were worked, where there are any
     */
    public function ranks(array $ids): array
    {
        [$atAxles, $atTandems] = $this->walkedAxles($ids);
        $ways = $atAxles === [] || $this->rule->items === OrderRule::Free ? array_slice(AxleWay::allowedBy($this->rule), 0, 1) : AxleWay::allowedBy($this->rule);
        $best = [];
        $taken = $ways[0];
        $most = -1;
        foreach ($ways as $way) {
            $ranks = $this->under($way, $ids);
            $kept = count(LongestIncreasing::places($ranks));
            if ($kept > $most) {
                [$best, $taken, $most] = [$ranks, $way, $kept];
            }
        }

        return [$best, array_fill_keys($atAxles, $taken->direction->value), $atTandems ? $taken->tandem : null];
    }

    /**
     * @param  list<string>  $ids
     * @return array{list<string>, bool} sections with several places at axles, of which something was named; whether one of them has a tandem
     */
    private function walkedAxles(array $ids): array
    {
        $named = $atAxles = [];
        foreach ($ids as $id) {
            $named[$this->inspection->items[$id]->section] = true;
        }
        $tandem = false;
        foreach (array_keys($named) as $section) {
            $places = array_filter($this->places[$section], static fn (Place $place): bool => $place->group !== null);
            if (count($places) > 1) {
                $atAxles[] = $section;
                $tandem = $tandem || count(array_unique(array_map(static fn (Place $place): string => $place->group?->value.' '.implode(' ', $place->axles), $places)))
                    > count(array_unique(array_map(static fn (Place $place): string => (string) $place->group?->value, $places)));
            }
        }

        return [$atAxles, $tandem];
    }

    /**
     * @param  list<string>  $ids
     * @return list<int>
     */
    private function under(AxleWay $way, array $ids): array
    {
        $inner = [];
        foreach ($this->places as $section => $places) {
            $inner += $this->within($way, $places, $ids);
        }
        $sections = array_map(fn (string $id): string => $this->inspection->items[$id]->section, $ids);
        $ranks = array_map(static fn (string $id): int => $inner[$id], $ids);
        $order = array_flip($this->rule->sectionsFixed ? array_keys($this->places) : SectionOrder::best($sections, $ranks));
        $span = count($inner) * (count($ids) + 1);

        return array_map(static fn (string $section, int $rank): int => $order[$section] * $span + $rank, $sections, $ranks);
    }

    /**
     * Ranks within a section. Where parts are grouped, those of a section, or of a place in a section with axles, are in order as they are
     * said; where they are free, those of a section.
     *
     * @param  list<Place>  $places
     * @param  list<string>  $ids
     * @return array<string, int> by item
     */
    private function within(AxleWay $way, array $places, array $ids): array
    {
        $turns = array_flip($ids);
        $atAxles = count(array_filter($places, static fn (Place $place): bool => $place->group !== null)) > 1;
        $ranks = [];
        $next = 0;
        foreach ($way->of($places) as $place) {
            foreach ($place->items as $item) {
                $ranks[$item->id] = $this->rule->items === OrderRule::Fixed ? $next++ : $next + ($turns[$item->id] ?? 0);
            }
            $next += $this->rule->items === OrderRule::Grouped && $atAxles ? count($ids) : 0;
        }

        return $ranks;
    }
}
