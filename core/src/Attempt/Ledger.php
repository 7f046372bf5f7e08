<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Figure;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;

/**
 * What was heard of each item during one replay. Changes while the marks are played and is then read out once; nobody else holds one.
 */
final class Ledger
{
    /** @var array<string, array{Tally, Tally}> left and right side by item id; the same tally twice where sides are not asked apart */
    private array $tallies = [];

    /** @var array<string, array<string, int>> figures as said, by item id and point code */
    private array $figures = [];

    /** @var array<string, array<string, array<int, true>>> which of several axles' figures were said, likewise */
    private array $axleFigures = [];

    /** @var array<string, array<string, string>> words said instead, likewise */
    private array $words = [];

    /** @var array<string, true> */
    private array $waved = [];

    /** @var array<string, true> */
    private array $wavedLate = [];

    /** @var array<string, int> in the order of naming: taking an item back and naming it again gives it a new turn */
    private array $firstAtMs = [];

    /** @var array<string, int> */
    private array $lastAtMs = [];

    /** @var array<string, true> items of which only afterwards it was told that they were said */
    private array $afterwards = [];

    private readonly int $named;

    private readonly PointSet $none;

    private readonly bool $sidesCount;

    public function __construct(private readonly Inspection $inspection)
    {
        $this->named = PointSet::identified()->bits;
        $this->none = PointSet::none();
        $this->sidesCount = $inspection->checklist->rules->sides === SideRule::Both;
    }

    public function hear(Mark $mark, bool $shut): void
    {
        $item = $this->inspection->item((string) $mark->item);
        if ($item !== null) {
            $this->say($item, $mark->kind === MarkKind::HeardWhole ? $item->points->bits : $mark->points->bits, $mark, $shut);
        }
    }

    /** A figure within what is accepted is the point said; any other is the point said wrong. */
    public function figure(Mark $mark, bool $shut): void
    {
        $item = $this->inspection->item((string) $mark->item);
        $code = ($mark->points->points()[0] ?? Point::Identified)->value;
        $figure = $item?->figures[$code] ?? null;
        if ($item === null || $figure === null) {
            return;
        }
        $this->figures[$item->id][$code] = (int) $mark->value;
        if (! $figure->accepts((int) $mark->value)) {
            $this->sayWrong($mark, $shut);
        } else {
            $this->say($item, $this->isComplete($item, $code, $figure, (int) $mark->value) ? $mark->points->bits : 0, $mark, $shut);
        }
    }

    public function sayWrong(Mark $mark, bool $shut): void
    {
        $item = $this->inspection->item((string) $mark->item);
        if ($item === null || $shut) {
            // What was said while the place was open stands; coming too late to spoil it is coming too late, too.
            return;
        }
        $this->say($item, 0, $mark, false);
        foreach ($this->sides($item, $mark->side) as $tally) {
            $tally->sayWrong($mark->points->bits);
        }
        if ($mark->text !== null) {
            foreach ($mark->points->points() as $point) {
                $this->words[$item->id][$point->value] = $mark->text;
            }
        }
    }

    public function takeBack(Mark $mark): void
    {
        $item = $this->inspection->item((string) $mark->item);
        if ($item === null) {
            return;
        }
        // What was not even named was not said at all.
        $gone = ($mark->points->bits & $this->named) !== 0 ? ~0 : $mark->points->bits;
        foreach ($this->sides($item, $mark->side) as $tally) {
            $tally->takeBack($gone);
        }
        [$left, $right] = $this->tallies[$item->id] ?? $this->begin($item);
        if ($left->isEmpty() && $right->isEmpty()) {
            $this->forget($item->id);
        }
        // A figure or words of a point that was not said were not said either.
        foreach ($mark->points->points() as $point) {
            unset($this->figures[$item->id][$point->value], $this->axleFigures[$item->id][$point->value], $this->words[$item->id][$point->value]);
        }
    }

    public function wave(Mark $mark, bool $shut): void
    {
        $item = $this->inspection->item((string) $mark->item);
        if ($item === null || ($shut && $item->fitted)) {
            // A part that is there stays on the list, for it was waved only when nobody could look at it any more.
            return;
        }
        $id = $item->id;
        $this->firstAtMs[$id] ??= $mark->atMs;
        $this->lastAtMs[$id] = $mark->atMs;
        if ($shut) {
            $this->wavedLate[$id] = true;

            return;
        }
        unset($this->tallies[$id], $this->figures[$id], $this->axleFigures[$id], $this->words[$id], $this->wavedLate[$id]);
        $this->waved[$id] = true;
    }

    /** As if the item had never been mentioned. */
    public function forget(string $id): void
    {
        unset($this->tallies[$id], $this->figures[$id], $this->axleFigures[$id], $this->words[$id], $this->waved[$id], $this->wavedLate[$id],
            $this->firstAtMs[$id], $this->lastAtMs[$id], $this->afterwards[$id]);
    }

    /** @return array<string, Hearing> in the order of naming */
    public function hearings(): array
    {
        $hearings = [];
        $turn = 0;
        foreach ($this->firstAtMs as $id => $atMs) {
            $hearings[$id] = $this->hearing($id, $atMs, $turn++);
        }

        return $hearings;
    }

    private function hearing(string $id, int $atMs, int $turn): Hearing
    {
        [$left, $right] = $this->tallies[$id] ?? [$empty = new Tally, $empty];
        $both = $left->inTime & $right->inTime;
        $late = $left->late & $right->late;
        $wrong = $left->wrong | $right->wrong;
        // Most were said of both sides, in time and right: the empty sets are one.
        $none = $this->none;
        $apart = static fn (int $bits): PointSet => $bits === 0 ? $none : PointSet::fromBits($bits);
        [$leftOnly, $rightOnly, $lateLeft, $lateRight] = $left === $right ? [$none, $none, $none, $none]
            : [$apart($left->inTime & ~$both), $apart($right->inTime & ~$both), $apart($left->late & ~$late), $apart($right->late & ~$late)];

        return new Hearing(
            PointSet::fromBits($both), $late === 0 ? $none : PointSet::fromBits($late), isset($this->waved[$id]), $atMs, $this->lastAtMs[$id] ?? $atMs, $turn,
            $wrong === 0 ? $none : PointSet::fromBits($wrong), $leftOnly, $rightOnly, $this->figures[$id] ?? [], $this->words[$id] ?? [],
            null, isset($this->afterwards[$id]), $lateLeft, $lateRight, isset($this->wavedLate[$id]),
        );
    }

    private function say(Item $item, int $points, Mark $mark, bool $shut): void
    {
        $id = $item->id;
        unset($this->waved[$id]);
        if (! isset($this->firstAtMs[$id])) {
            $this->firstAtMs[$id] = $mark->atMs;
            if ($mark->said !== null) {
                $this->afterwards[$id] = true;
            }
        }
        $this->lastAtMs[$id] = $mark->atMs;
        [$left, $right] = $this->tallies[$id] ?? $this->begin($item);
        // Where sides are not asked apart, both are one tally.
        if ($left === $right || $mark->side !== Side::Right) {
            $left->say($points | $this->named, $shut);
        }
        if ($left !== $right && $mark->side !== Side::Left) {
            $right->say($points | $this->named, $shut);
        }
    }

    /** @return array{Tally, Tally} */
    private function begin(Item $item): array
    {
        $left = new Tally;

        return $this->tallies[$item->id] = [$left, $this->sidesCount && $item->twoSided ? new Tally : $left];
    }

    /** Whether the figure of every axle that the item stands for has been said now. */
    private function isComplete(Item $item, string $code, Figure $figure, int $value): bool
    {
        $parts = $figure->parts();
        foreach ($parts as $n => $part) {
            if ($part->accepts($value)) {
                $this->axleFigures[$item->id][$code][$n] = true;
            }
        }

        return count($this->axleFigures[$item->id][$code] ?? []) === count($parts);
    }

    /** @return list<Tally> of the side that was meant, or of both; of the item where sides are not asked apart */
    private function sides(Item $item, ?Side $side): array
    {
        [$left, $right] = $this->tallies[$item->id] ?? $this->begin($item);

        return match (true) {
            $left === $right, $side === Side::Left => [$left],
            $side === Side::Right => [$right],
            default => [$left, $right],
        };
    }
}
