<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring\Order;

use Pasada\Core\Checklist\Rules\OrderRule;
use Pasada\Core\Checklist\Rules\TandemOrder;
use Pasada\Core\Checklist\Rules\WalkOrder;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Place;

/**
 * Which items are in their turn, in the order that is fairest to the student among those that the checklist allows: the
 * way in which the axles were worked and, where sections are free, the order in which they were taken. The fewest items
 * are out of place under it.
 */
final readonly class ExpectedOrder
{
    /** @var array<string, list<Place>> by stretch of the walk, in walking order */
    private array $places;

    /** @var array<string, string> stretch by item */
    private array $stretches;

    private WalkOrder $rule;

    public function __construct(Inspection $inspection)
    {
        $places = $stretches = [];
        foreach ($inspection->places as $place) {
            $places[$place->stretch][] = $place;
            foreach ($place->items as $item) {
                $stretches[$item->id] = $place->stretch;
            }
        }
        $this->places = $places;
        $this->stretches = $stretches;
        $this->rule = $inspection->checklist->rules->order;
    }

    /**
     * @param  list<string>  $ids  in the order of naming
     * @return array{list<int>, array<string, string>, ?TandemOrder} places in that order of the items that are in their
     *   turn; the direction taken by section; how tandems were worked, where there are any
     */
    public function kept(array $ids): array
    {
        [$atAxles, $atTandems] = $this->walkedAxles($ids);
        $ways =
            $atAxles === [] || $this->rule->items === OrderRule::Free
                ? array_slice(AxleWay::allowedBy($this->rule), 0, 1)
                : AxleWay::allowedBy($this->rule);
        $best = [];
        $taken = $ways[0];
        foreach ($ways as $n => $way) {
            $kept = LongestIncreasing::places($this->under($way, $ids));
            if ($n === 0 || count($kept) > count($best)) {
                [$best, $taken] = [$kept, $way];
            }
            if (count($best) === count($ids)) {
                // Nothing is out of place; no other way can be fairer.
                break;
            }
        }

        return [$best, array_fill_keys($atAxles, $taken->direction->value), $atTandems ? $taken->tandem : null];
    }

    /**
     * @param  list<string>  $ids
     * @return array{list<string>, bool} sections with several places at axles, of which something was named; whether
     *   one of them has a tandem
     */
    private function walkedAxles(array $ids): array
    {
        $named = $atAxles = [];
        foreach ($ids as $id) {
            $named[$this->stretches[$id]] = true;
        }
        $tandem = false;
        foreach (array_keys($named) as $stretch) {
            $groups = $axles = [];
            $count = 0;
            foreach ($this->places[$stretch] as $place) {
                if ($place->group !== null) {
                    $count++;
                    $groups[$place->group->value] = $axles[$place->axles[0] ?? ''] = true;
                }
            }
            if ($count > 1) {
                $atAxles[$this->places[$stretch][0]->section] = true;
                if (count($axles) > count($groups)) {
                    $tandem = true;
                }
            }
        }

        return [array_keys($atAxles), $tandem];
    }

    /**
     * @param  list<string>  $ids
     * @return list<int>
     */
    private function under(AxleWay $way, array $ids): array
    {
        $turns = $this->rule->items === OrderRule::Fixed ? [] : array_flip($ids);
        $inner = [];
        foreach ($this->places as $places) {
            $this->within($way, $places, count($ids), $turns, $inner);
        }
        $stretches = $ranks = $all = [];
        foreach ($ids as $id) {
            $stretches[] = $this->stretches[$id];
            $ranks[] = $inner[$id];
        }
        $order = array_flip(
            $this->rule->sectionsFixed ? array_keys($this->places) : SectionOrder::best($stretches, $ranks),
        );
        $span = count($inner) * (count($ids) + 1);
        foreach ($ranks as $n => $rank) {
            $all[] = $order[$stretches[$n]] * $span + $rank;
        }

        return $all;
    }

    /**
     * Ranks within a section. Where parts are grouped, those of a section, or of a place in a section with axles, are
     * in order as they are said; where they are free, those of a section.
     *
     * @param  list<Place>  $places
     * @param  int  $said  how many items were said
     * @param  array<string, int>  $turns  in which they were said, by item
     * @param  array<string, int>  $ranks  by item; filled
     */
    private function within(AxleWay $way, array $places, int $said, array $turns, array &$ranks): void
    {
        $atAxles = count(array_filter($places, static fn (Place $place): bool => $place->group !== null));
        $isFixed = $this->rule->items === OrderRule::Fixed;
        $span = $this->rule->items === OrderRule::Grouped && $atAxles > 1 ? $said : 0;
        $next = 0;
        foreach ($atAxles > 1 ? $way->of($places) : $places as $place) {
            foreach ($place->items as $item) {
                $ranks[$item->id] = $isFixed ? $next++ : $next + ($turns[$item->id] ?? 0);
            }
            $next += $span;
        }
    }
}
