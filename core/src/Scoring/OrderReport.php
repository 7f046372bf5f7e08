<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\OrderRule;
use Pasada\Core\Inspection\Inspection;

/** How well the student kept to the order that the checklist expects. */
final readonly class OrderReport
{
    /**
     * @param  array<string, true>  $outOfPlace  ids of the fewest items whose removal leaves the expected order
     * @param  list<string>  $sectionsOutOfPlace  ids, likewise; none where sections are free
     * @param  array<string, string>  $directions  "inside-out" or "outside-in" by section, for axles worked in one of them
     */
    private function __construct(
        /** Items that were named and of which it is known when, in whatever order. */
        public int $named,
        public array $outOfPlace,
        public array $sectionsOutOfPlace,
        public array $directions,
        /** How often a place was entered again that had been left before. */
        public int $returns,
    ) {}

    public static function of(Inspection $inspection, Walk $walk): self
    {
        $ids = [];
        foreach ($walk->hearings as $id => $hearing) {
            if (! $hearing->notFitted && ! $hearing->afterwards && isset($inspection->items[$id])) {
                $ids[] = $id;
            }
        }
        $order = $inspection->checklist->rules->order;
        $directions = [];
        $outOfPlace = [];
        if ($order->items !== OrderRule::Free) {
            [$ranks, $directions] = (new ExpectedOrder($inspection))->ranks($ids);
            $outOfPlace = self::strays($ids, $ranks);
        }
        $seen = [];
        $returns = 0;
        foreach ($walk->visits as $visit) {
            $returns += isset($seen[$visit->place]) ? 1 : 0;
            $seen[$visit->place] = true;
        }

        return new self(count($ids), $outOfPlace, $order->sectionsFixed ? self::sections($inspection, $ids) : [], $directions, $returns);
    }

    public function inOrder(): int
    {
        return $this->named - count($this->outOfPlace);
    }

    /**
     * @param  list<string>  $ids  in the order of naming
     * @param  list<int>  $ranks  of each
     * @return array<string, true>
     */
    private static function strays(array $ids, array $ranks): array
    {
        $strays = array_fill_keys($ids, true);
        foreach (LongestIncreasing::places($ranks) as $kept) {
            unset($strays[$ids[$kept]]);
        }

        return $strays;
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function sections(Inspection $inspection, array $ids): array
    {
        $rankOf = array_flip(array_keys($inspection->sections));
        $walked = [];
        foreach ($ids as $id) {
            $walked[$inspection->items[$id]->section] = true;
        }
        $walked = array_keys($walked);
        $kept = LongestIncreasing::places(array_map(static fn (string $section): int => $rankOf[$section], $walked));

        return array_values(array_diff_key($walked, array_flip($kept)));
    }
}
