<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring;

use Pasada\Core\Attempt\Hearing;
use Pasada\Core\Attempt\Reference;
use Pasada\Core\Attempt\Walk;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\CarryOver;
use Pasada\Core\Checklist\CarryScope;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;

/**
 * What was heard of each item once spoken references are followed: a reference gives what its source has at the end
 * of the walk, never more, and what was missed or said wrong at the source is missed or wrong here.
 */
final class CarriedHearings
{
    /** @var array<string, array{string, Reference}> source item and reference, by item id; free of circles */
    private array $sources = [];

    /** @var array<string, ?Hearing> */
    private array $followed = [];

    private readonly CarryOver $rule;

    private function __construct(private readonly Inspection $inspection, private readonly Walk $walk)
    {
        $this->rule = $inspection->checklist->rules->carryOver;
        foreach ($walk->references as $reference) {
            $this->take($reference);
        }
    }

    /** @return array<string, Hearing> by item id, for items that were named, waved or referred to */
    public static function of(Inspection $inspection, Walk $walk): array
    {
        if ($walk->references === []) {
            return $walk->hearings;
        }
        $carried = new self($inspection, $walk);
        $hearings = $walk->hearings;
        foreach (array_keys($carried->sources) as $id) {
            $hearing = $carried->follow($id);
            if ($hearing !== null) {
                $hearings[$id] = $hearing;
            }
        }

        return $hearings;
    }

    private function take(Reference $reference): void
    {
        foreach ($this->inspection->place($reference->place)->items ?? [] as $item) {
            $source = $this->source($item, $reference->from);
            if ($source === null || in_array($item->id, $reference->except, true)) {
                continue;
            }
            // Two axles that name each other say nothing: the second reference of a circle is passed over.
            if (! $this->leadsTo($source->id, $item->id)) {
                $this->sources[$item->id] = [$source->id, $reference];
            }
        }
    }

    /** The item that a reference means for this one; null where there is none or the rule does not credit it. */
    private function source(Item $item, string $from): ?Item
    {
        $at = $item->position;
        $side = Side::tryFrom($from);
        if ($side !== null) {
            $key = $at->side === null || $at->side === $side || ! $this->rule->allows(CarryScope::Side) ? null : $at->onSide($side)->key();
        } else {
            $key = $at->axle === null || $at->axle === $from ? null : implode('.', array_filter([$from, $at->side?->value], is_string(...)));
        }
        $source = $key === null ? null : $this->inspection->item($item->component.'@'.$key);
        if ($source === null || $side !== null) {
            return $source;
        }

        return $at->group !== null && $source->position->group !== null && $this->rule->allowsAxles($at->group, $source->position->group) ? $source : null;
    }

    private function leadsTo(string $from, string $goal): bool
    {
        for ($at = $from; $at !== $goal; $at = $this->sources[$at][0]) {
            if (! isset($this->sources[$at])) {
                return false;
            }
        }

        return true;
    }

    private function follow(string $id): ?Hearing
    {
        if (array_key_exists($id, $this->followed)) {
            return $this->followed[$id];
        }
        $direct = $this->walk->hearings[$id] ?? null;
        if (! isset($this->sources[$id])) {
            return $this->followed[$id] = $direct;
        }
        [$sourceId, $reference] = $this->sources[$id];
        $source = $this->follow($sourceId);

        return $this->followed[$id] = $source === null || $source->notFitted || $direct?->notFitted === true
            ? $direct
            : $this->join($direct, $source, $sourceId, $this->carriable($id, $sourceId), $reference);
    }

    /** Points that mean the same at both: a figure that differs, as the tread of another axle, has to be said itself. */
    private function carriable(string $id, string $sourceId): PointSet
    {
        $item = $this->inspection->items[$id];
        $source = $this->inspection->items[$sourceId];
        $bits = $item->points->bits | PointSet::identified()->bits;
        foreach ($item->points->points() as $point) {
            $figure = $item->figures[$point->value] ?? null;
            $there = $source->figures[$point->value] ?? null;
            if ($figure !== null && ($there === null || $figure->id !== $there->id)) {
                $bits &= ~PointSet::of($point)->bits;
            }
        }

        return PointSet::fromBits($bits);
    }

    private function join(?Hearing $direct, Hearing $source, string $sourceId, PointSet $carriable, Reference $reference): Hearing
    {
        $wrong = $direct->wrong ?? PointSet::none();
        $heard = $direct->inTime ?? PointSet::none();
        $carried = $source->inTime->common($carriable)->without($wrong);
        $late = $reference->late ? $carried : $source->late->common($carriable);
        $inTime = $reference->late ? $heard : $heard->with($carried);
        $left = ($direct->left ?? PointSet::none())->with($reference->late ? PointSet::none() : $source->left->common($carriable)->without($wrong));
        $right = ($direct->right ?? PointSet::none())->with($reference->late ? PointSet::none() : $source->right->common($carriable)->without($wrong));

        return new Hearing(
            $inTime, ($direct->late ?? PointSet::none())->with($late)->without($inTime), false,
            $direct->firstAtMs ?? $reference->atMs, max($direct->lastAtMs ?? 0, $reference->atMs), $direct->turn ?? $source->turn,
            $wrong->with($source->wrong->common($carriable)->without($inTime)), $left, $right,
            $direct->figures ?? [], ($direct->wrongWords ?? []) + $source->wrongWords, $sourceId,
        );
    }
}
