<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring\Order;

use Pasada\Core\Attempt\Walk;
use Pasada\Core\Checklist\Rules\OrderRule;
use Pasada\Core\Checklist\Rules\TandemOrder;
use Pasada\Core\Inspection\Inspection;

/** How well the student kept to the order that the checklist expects. */
final readonly class OrderReport
{
    /**
     * @param  array<string, true>  $outOfPlace  ids of the fewest items whose removal leaves the expected order
     * @param  list<string>  $sectionsOutOfPlace  ids, likewise; none where sections are free
     * @param  array<string, string>  $directions  "inside-out" or "outside-in" by section, for axles worked in one of
     *   them
     */
    private function __construct(
        /** Items that were named and of which it is known when, in whatever order. */
        public int $named,
        public array $outOfPlace,
        public array $sectionsOutOfPlace,
        public array $directions,
        /** How often a place was entered again that had been left before. */
        public int $returns,
        /** How the axles of tandems were worked; null where nothing was said of one. */
        public ?TandemOrder $tandem = null,
    ) {}

    public static function of(Inspection $inspection, Walk $walk): self
    {
        $ids = self::said($inspection, $walk);
        $order = $inspection->checklist->rules->order;
        $directions = $outOfPlace = [];
        $tandem = null;
        // Free parts in sections of a fixed order still belong into their section's time.
        if ($order->items !== OrderRule::Free || $order->sectionsFixed) {
            [$kept, $directions, $tandem] = (new ExpectedOrder($inspection))->kept($ids);
            $outOfPlace = self::strays($ids, $kept);
        }
        $seen = [];
        $returns = 0;
        foreach ($walk->visits as $visit) {
            $returns += isset($seen[$visit->place]) ? 1 : 0;
            $seen[$visit->place] = true;
        }
        $isWorked = $order->items !== OrderRule::Free;

        return new self(
            count($ids), $outOfPlace, $order->sectionsFixed ? self::sections($inspection, $ids) : [],
            $isWorked ? $directions : [], $returns, $isWorked ? $tandem : null,
        );
    }

    /**
     * How many items would be out of place if those of a section were said anew, as after beginning it again.
     *
     * @param  array<string, true>  $anew  ids
     */
    public static function outOfPlaceWithout(Inspection $inspection, Walk $walk, array $anew): int
    {
        $kept = array_diff_key($walk->hearings, $anew);

        return count(self::of($inspection, $walk->hearing($kept))->outOfPlace);
    }

    /**
     * @return list<string> items that were said at a time that is known and are not taken off the list, in the order of
     *   naming
     */
    private static function said(Inspection $inspection, Walk $walk): array
    {
        $ids = [];
        foreach ($walk->hearings as $id => $hearing) {
            $item = $inspection->item($id);
            // What the vehicle does not have stands nowhere: waving it is looking, whenever it is done.
            if ($item !== null && $item->fitted && ! $hearing->notFitted && ! $hearing->afterwards) {
                $ids[] = $id;
            }
        }

        return $ids;
    }

    public function inOrder(): int
    {
        return $this->named - count($this->outOfPlace);
    }

    /**
     * @param  list<string>  $ids  in the order of naming
     * @param  list<int>  $kept  places among them that are in their turn
     * @return array<string, true>
     */
    private static function strays(array $ids, array $kept): array
    {
        $strays = array_fill_keys($ids, true);
        foreach ($kept as $place) {
            unset($strays[$ids[$place]]);
        }

        return $strays;
    }

    /**
     * The fewest sections whose removal leaves the expected order. A section stands where the middle one of its items
     * was said, so that a single part said early moves no section.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    private static function sections(Inspection $inspection, array $ids): array
    {
        $rankOf = $sectionOf = $turns = [];
        foreach ($inspection->places as $place) {
            $rankOf[$place->stretch] ??= count($rankOf);
            $sectionOf[$place->stretch] = $place->section;
        }
        foreach ($ids as $turn => $id) {
            $turns[$inspection->place($inspection->items[$id]->place)->stretch ?? ''][] = $turn;
        }
        $middle = array_map(static fn (array $of): int => $of[intdiv(count($of) - 1, 2)], $turns);
        asort($middle);
        $walked = array_keys($middle);
        $kept = LongestIncreasing::places(array_map(static fn (string $stretch): int => $rankOf[$stretch], $walked));
        $stray = array_diff_key($walked, array_flip($kept));

        return array_values(array_unique(array_map(static fn (string $at): string => $sectionOf[$at], $stray)));
    }
}
