<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\SideRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Side;

/**
 * What was heard of each item during one replay: plain arrays and bits, since hundreds of attempts are scored again in seconds.
 *
 * Changes while the marks are played and is then read out once; nobody else holds one.
 */
final class Ledger
{
    /** @var array<string, int> points said in time, as bits, by item id */
    private array $inTime = [];

    /** @var array<string, int> points said only after the place was shut, likewise */
    private array $late = [];

    /** @var array<string, int> points said wrong, likewise */
    private array $wrong = [];

    /** @var array<string, array<string, int>> points said of one side, by side and item id */
    private array $oneSide = ['left' => [], 'right' => []];

    /** @var array<string, array<string, int>> figures as said, by item id and point code */
    private array $figures = [];

    /** @var array<string, array<string, string>> words said instead, likewise */
    private array $words = [];

    /** @var array<string, true> */
    private array $waved = [];

    /** @var array<string, int> in the order of naming: taking an item back and naming it again gives it a new turn */
    private array $firstAtMs = [];

    /** @var array<string, int> */
    private array $lastAtMs = [];

    /** @var array<string, true> items of which only afterwards it was told that they were said */
    private array $afterwards = [];

    private readonly int $named;

    private readonly bool $sidesCount;

    public function __construct(private readonly Inspection $inspection)
    {
        $this->named = PointSet::of(Point::Identified)->bits;
        $this->sidesCount = $inspection->checklist->rules->sides === SideRule::Both;
    }

    public function hear(Mark $mark, bool $shut): void
    {
        $item = $this->inspection->item((string) $mark->item);
        if ($item === null) {
            return;
        }
        $bits = $mark->kind === MarkKind::HeardWhole ? $item->points->bits : $mark->points->bits;
        $this->add($item->id, $bits, $mark, $shut, $this->sidesCount && $item->twoSided ? $mark->side : null);
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
        if ($figure->accepts((int) $mark->value)) {
            $this->add($item->id, $mark->points->bits, $mark, $shut, null);
        } else {
            $this->sayWrong($mark, $shut);
        }
    }

    public function sayWrong(Mark $mark, bool $shut): void
    {
        $id = (string) $mark->item;
        $bits = $mark->points->bits;
        if ($shut) {
            // What was said while the place was open stands; coming too late to spoil it is coming too late, too.
            return;
        }
        $this->add($id, 0, $mark, false, null);
        $this->inTime[$id] = ($this->inTime[$id] ?? 0) & ~$bits;
        foreach (['left', 'right'] as $side) {
            $this->oneSide[$side][$id] = ($this->oneSide[$side][$id] ?? 0) & ~$bits;
        }
        $this->wrong[$id] = ($this->wrong[$id] ?? 0) | $bits;
        if ($mark->text !== null) {
            foreach ($mark->points->points() as $point) {
                $this->words[$id][$point->value] = $mark->text;
            }
        }
    }

    public function takeBack(Mark $mark): void
    {
        $id = (string) $mark->item;
        // What was not even named was not said at all.
        $gone = ($mark->points->bits & $this->named) !== 0 ? ~0 : $mark->points->bits;
        $left = 0;
        foreach ([&$this->inTime, &$this->late, &$this->wrong, &$this->oneSide['left'], &$this->oneSide['right']] as &$held) {
            $held[$id] = ($held[$id] ?? 0) & ~$gone;
            $left |= $held[$id];
        }
        unset($held);
        if ($left === 0) {
            $this->forget($id);
        }
        // A figure or words of a point that was not said were not said either.
        foreach ($mark->points->points() as $point) {
            unset($this->figures[$id][$point->value], $this->words[$id][$point->value]);
        }
    }

    public function wave(Mark $mark): void
    {
        $id = (string) $mark->item;
        $this->firstAtMs[$id] ??= $mark->atMs;
        unset($this->inTime[$id], $this->late[$id], $this->wrong[$id], $this->oneSide['left'][$id], $this->oneSide['right'][$id], $this->figures[$id], $this->words[$id]);
        $this->waved[$id] = true;
        $this->lastAtMs[$id] = $mark->atMs;
    }

    /** As if the item had never been mentioned. */
    public function forget(string $id): void
    {
        unset($this->inTime[$id], $this->late[$id], $this->wrong[$id], $this->oneSide['left'][$id], $this->oneSide['right'][$id],
            $this->figures[$id], $this->words[$id], $this->waved[$id], $this->firstAtMs[$id], $this->lastAtMs[$id], $this->afterwards[$id]);
    }

    /** @return array<string, Hearing> in the order of naming */
    public function hearings(): array
    {
        $hearings = [];
        $turn = 0;
        foreach ($this->firstAtMs as $id => $atMs) {
            $hearings[$id] = new Hearing(
                PointSet::fromBits($this->inTime[$id] ?? 0), PointSet::fromBits($this->late[$id] ?? 0), isset($this->waved[$id]), $atMs, $this->lastAtMs[$id] ?? $atMs, $turn++,
                PointSet::fromBits($this->wrong[$id] ?? 0), PointSet::fromBits($this->oneSide['left'][$id] ?? 0), PointSet::fromBits($this->oneSide['right'][$id] ?? 0),
                $this->figures[$id] ?? [], $this->words[$id] ?? [], afterwards: isset($this->afterwards[$id]),
            );
        }

        return $hearings;
    }

    private function add(string $id, int $bits, Mark $mark, bool $shut, ?Side $side): void
    {
        $bits |= $this->named;
        unset($this->waved[$id]);
        if (! isset($this->firstAtMs[$id])) {
            $this->firstAtMs[$id] = $mark->atMs;
            if ($mark->said !== null) {
                $this->afterwards[$id] = true;
            }
        }
        $this->lastAtMs[$id] = $mark->atMs;
        if ($shut) {
            $this->late[$id] = ($this->late[$id] ?? 0) | ($bits & ~($this->inTime[$id] ?? 0));

            return;
        }
        // Said right now what was said wrong before: a self-correction counts while the place is open.
        if (isset($this->wrong[$id])) {
            $this->wrong[$id] &= ~$bits;
        }
        if ($side === null) {
            $this->inTime[$id] = ($this->inTime[$id] ?? 0) | $bits;
        } else {
            $this->oneSide[$side->value][$id] = ($this->oneSide[$side->value][$id] ?? 0) | $bits;
        }
    }
}
