<?php

declare(strict_types=1);

namespace Pasada\Core\Coaching;

use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Scoring\ItemOutcome;
use Pasada\Core\Scoring\ItemStatus;
use Pasada\Core\Scoring\ScoreSheet;

/**
 * The few things to say first after a walk: what would bring most. The same lack on several axles is one thing, since
 * it is one sentence to learn. A defect recited as sound comes before all credit: it is what can hurt somebody.
 */
final readonly class Debrief
{
    /** @param  non-empty-list<Item>  $items  that lack the same, in walking order */
    private function __construct(
        public array $items,
        /** The first of them as it stands. */
        public ItemOutcome $outcome,
        /** Units of credit that they would have brought. */
        public int $lost,
    ) {}

    /** @return list<self> at most as many as wanted, the one that would bring most first */
    public static function first(ScoreSheet $sheet, int $most): array
    {
        $things = [];
        foreach ($sheet->outcomes as $outcome) {
            $lost = $outcome->possible - $outcome->earned;
            // Some lists give full credit over a defect; it is said all the same.
            if ($outcome->status !== ItemStatus::OverDefect && ($lost <= 0 || $outcome->isEarned())) {
                continue;
            }
            $isHeard = $outcome->hearing !== null;
            $key = implode('|', [
                $outcome->item->component, $isHeard ? $outcome->status->value : '', $outcome->missing()->bits,
            ]);
            $known = $things[$key] ?? null;
            $things[$key] = $known === null
                ? new self([$outcome->item], $outcome, $lost)
                : new self([...$known->items, $outcome->item], $known->outcome, $known->lost + $lost);
        }
        usort(
            $things,
            static fn (self $a, self $b): int => [$b->isDefect(), $b->lost, $a->items[0]->rank]
                <=> [$a->isDefect(), $a->lost, $b->items[0]->rank],
        );

        return array_slice($things, 0, $most);
    }

    public function isDefect(): bool
    {
        return $this->outcome->status === ItemStatus::OverDefect;
    }

    /** What to say next time: all of a part that was not spoken of, and what was missing of any other. */
    public function toSay(): PointSet
    {
        return $this->outcome->hearing === null ? $this->items[0]->points : $this->outcome->missing();
    }

    /** "Brake hose: steer axle, drive axle" */
    public function name(): string
    {
        $where = array_filter(
            array_map(static fn (Item $item): string => $item->position->label(), $this->items),
            static fn (string $label): bool => $label !== '',
        );

        return $this->items[0]->name.($where === [] ? '' : ': '.implode(', ', $where));
    }
}
