<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Reference;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\CarryOver;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;

/**
 * What was heard of each item once spoken references are followed. A reference gives what its source has at the end of
 * the walk and never takes anything away: what was missed or said wrong at the source is missed here. Several add up,
 * so that none of them ever harms. Axles that name each other have only what was said in words of one of them.
 */
final readonly class CarriedHearings
{
    private ReferredItem $named;

    private CarryOver $rule;

    /** @var list<CarriedReference> in the order in which they were made */
    private array $references;

    /** @var list<string> references that give nothing, and why, in words */
    public array $remarks;

    public function __construct(private Inspection $inspection, private Walk $walk)
    {
        $this->rule = $inspection->checklist->rules->carryOver;
        $this->named = new ReferredItem($inspection);
        $references = $remarks = $leads = [];
        foreach ($walk->references as $reference) {
            $taken = $this->taken($reference);
            $there = $this->inspection->place($reference->of->place)->name ?? $reference->of->place;
            foreach ($taken as $one) {
                if ($one->item !== $one->source && self::leads($leads, $one->source, $one->item)) {
                    $remarks[] = sprintf(
                        '"%s" and what it was said to be like name each other; that gives nothing.',
                        $there,
                    );
                }
                $leads[$one->item][$one->source] = true;
            }
            if ($taken === [] && $reference->isAhead() && $this->rule->scopes !== []) {
                $remarks[] = sprintf(
                    'At "%s" an axle was named that had not been walked yet; that gives nothing.',
                    $there,
                );
            }
            array_push($references, ...$taken);
        }
        $this->references = $references;
        $this->remarks = array_values(array_unique($remarks));
    }

    /** @return array<string, Hearing> by item id, for items that were named, waved or referred to */
    public function hearings(): array
    {
        if ($this->references === []) {
            return $this->walk->hearings;
        }
        $spoken = [];
        foreach ($this->references as $one) {
            $spoken[$one->item] ??= SpokenOf::of($this->walk->hearings[$one->item] ?? null);
            $spoken[$one->source] ??= SpokenOf::of($this->walk->hearings[$one->source] ?? null);
        }
        $this->follow($spoken);
        $hearings = $this->walk->hearings;
        foreach ($spoken as $id => $of) {
            if ($of->carriedFrom !== null) {
                $hearings[$id] = $of->hearing($this->walk->hearings[$id] ?? null, count($hearings));
            }
        }

        return $hearings;
    }

    /**
     * What could still be heard of items whose place is shut, if everything were said where it is open: a reference
     * made in time goes on giving.
     *
     * @param  callable(Item): bool  $isOpen
     * @return array<string, Hearing> by item id, for items that a reference was made of
     */
    public function reachable(callable $isOpen): array
    {
        $spoken = [];
        $start = function (string $id) use ($isOpen): SpokenOf {
            $item = $this->inspection->items[$id];

            return $isOpen($item)
                ? SpokenOf::all($item->points->with(PointSet::identified())->bits)
                : SpokenOf::of($this->walk->hearings[$id] ?? null);
        };
        foreach ($this->references as $one) {
            $spoken[$one->item] ??= $start($one->item);
            $spoken[$one->source] ??= $start($one->source);
        }
        $this->follow($spoken);

        return array_map(static fn (SpokenOf $of): Hearing => $of->hearing(null, 0), $spoken);
    }

    /**
     * Until nothing more comes of it.
     *
     * @param  array<string, SpokenOf>  $spoken  by item id
     */
    private function follow(array $spoken): void
    {
        do {
            $more = false;
            foreach ($this->references as $one) {
                $to = $spoken[$one->item];
                $gave = $one->item === $one->source
                    ? $to->takeSide($one->reference->of->from->side === Side::Left, $one->reference->late)
                    : $to->takeFrom($spoken[$one->source], $one->carriable, $one->reference->late);
                if ($gave && ($to->carriedAtMs === null || $one->reference->atMs < $to->carriedAtMs)) {
                    [$to->carriedFrom, $to->carriedAtMs] = [$one->source, $one->reference->atMs];
                }
                $more = $more || $gave;
            }
        } while ($more);
    }

    /** @return list<CarriedReference> what a reference gives, item by item */
    private function taken(Reference $reference): array
    {
        $taken = [];
        foreach ($this->inspection->place($reference->of->place)->items ?? [] as $item) {
            if (in_array($item->id, $reference->of->except, true) || $this->isWaved($item)) {
                continue;
            }
            $source = $this->named->by($item, $reference);
            if ($source !== null && ! $this->isWaved($source)) {
                $taken[] = new CarriedReference(
                    $item->id, $source->id, $reference, ReferredItem::carriable($item, $source),
                );
            }
        }

        return $taken;
    }

    private function isWaved(Item $item): bool
    {
        return ($this->walk->hearings[$item->id] ?? null)?->notFitted === true || ! $item->fitted;
    }

    /**
     * @param  array<string, array<string, true>>  $leads  sources by item
     * @param  array<string, true>  $seen
     */
    private static function leads(array $leads, string $from, string $goal, array $seen = []): bool
    {
        if ($from === $goal) {
            return true;
        }
        foreach (array_keys($leads[$from] ?? []) as $next) {
            if (! isset($seen[$next]) && self::leads($leads, $next, $goal, $seen + [$from => true])) {
                return true;
            }
        }

        return false;
    }
}
