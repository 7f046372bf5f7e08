<?php

declare(strict_types=1);

namespace Pasada\Core\Attempt;

use Pasada\Core\Attempt\Marks\MarkKind;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Checklist\Rules\SideRule;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;

/**
 * What was heard of each item during one replay. Changes while the marks are played and is then read out once; nobody
 * else holds one.
 */
final class Ledger
{
    /**
     * @var array<string, array{Tally, Tally}> left and right side by item id; the same tally twice where sides are not
     *   asked apart
     */
    private array $tallies = [];

    /** @var array<string, true> */
    private array $waved = [];

    /** @var array<string, true> */
    private array $wavedLate = [];

    /** @var array<string, int> in the order of naming: taking an item back and naming it again gives it a new turn */
    private array $firstAtMs = [];

    /** @var array<string, int> */
    private array $lastAtMs = [];

    /** @var array<string, true> items that were heard in part, and nobody told yet which points */
    private array $pointsOpen = [];

    /** @var array<string, true> items of which only afterwards it was told that they were said */
    private array $afterwards = [];

    private readonly SaidDetails $spoken;

    private readonly int $named;

    private readonly PointSet $none;

    private readonly bool $sidesCount;

    public function __construct(Inspection $inspection)
    {
        $this->named = PointSet::identified()->bits;
        $this->spoken = new SaidDetails;
        $this->none = PointSet::none();
        $this->sidesCount = $inspection->checklist->rules->sides === SideRule::Both;
    }

    public function hear(ItemMark $heard): void
    {
        $this->say(
            $heard,
            $heard->mark->kind === MarkKind::HeardWhole ? $heard->item->points->bits : $heard->of->points->bits,
        );
    }

    /** It was named; which of its points were said is told later. What is known of them by now answers that. */
    public function hearInPart(ItemMark $heard): void
    {
        $this->say($heard, 0);
        $said = 0;
        foreach ($this->tallies[$heard->item->id] ?? [] as $tally) {
            $said |= $tally->inTime | $tally->late | $tally->wrong;
        }
        if (($said & ~$this->named) === 0) {
            $this->pointsOpen[$heard->item->id] = true;
        }
    }

    /** A figure within what is accepted is the point said; any other is the point said wrong. */
    public function figure(ItemMark $heard): void
    {
        $item = $heard->item;
        $code = ($heard->of->points->points()[0] ?? Point::Identified)->value;
        $figure = $item->figures[$code] ?? null;
        $value = $heard->of->value;
        if ($figure === null || $value === null) {
            return;
        }
        $isComplete = $this->spoken->figure($item->id, $code, $figure, $value);
        if (! $figure->accepts($value)) {
            $this->sayWrong($heard);
        } else {
            $this->say($heard, $isComplete ? $heard->of->points->bits : 0);
        }
    }

    public function sayWrong(ItemMark $heard): void
    {
        if ($heard->isShut) {
            // What was said while the place was open stands; coming too late to spoil it is coming too late, too.
            return;
        }
        $this->say($heard, 0);
        foreach ($this->sides($heard->item, $heard->of->side) as $tally) {
            $tally->sayWrong($heard->of->points->bits);
        }
        if ($heard->of->text !== null) {
            foreach ($heard->of->points->points() as $point) {
                $this->spoken->words($heard->item->id, $point->value, $heard->of->text);
            }
        }
    }

    public function takeBack(ItemMark $taken): void
    {
        $item = $taken->item;
        $points = $taken->of->points;
        // What was not even named was not said at all.
        $gone = ($points->bits & $this->named) !== 0 ? ~0 : $points->bits;
        foreach ($this->sides($item, $taken->of->side) as $tally) {
            $tally->takeBack($gone);
        }
        [$left, $right] = $this->tallies[$item->id] ?? $this->begin($item);
        if ($left->isEmpty() && $right->isEmpty()) {
            $this->forget($item->id);
        }
        // A figure or words of a point that was not said were not said either.
        foreach ($points->points() as $point) {
            $this->spoken->forgetPoint($item->id, $point->value);
        }
    }

    /** Said to be not equipped. */
    public function wave(ItemMark $waved): void
    {
        if ($waved->isShut && $waved->item->fitted) {
            // A part that is there stays on the list, for it was waved only when nobody could look at it any more.
            return;
        }
        $id = $waved->item->id;
        $this->firstAtMs[$id] ??= $waved->mark->atMs;
        $this->lastAtMs[$id] = $waved->mark->atMs;
        if ($waved->isShut) {
            $this->wavedLate[$id] = true;

            return;
        }
        unset($this->tallies[$id], $this->wavedLate[$id], $this->pointsOpen[$id]);
        $this->spoken->forget($id);
        $this->waved[$id] = true;
    }

    /** As if the item had never been mentioned. */
    public function forget(string $id): void
    {
        $this->spoken->forget($id);
        unset(
            $this->tallies[$id], $this->waved[$id],
            $this->wavedLate[$id], $this->firstAtMs[$id], $this->lastAtMs[$id], $this->afterwards[$id],
            $this->pointsOpen[$id],
        );
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
        [$leftOnly, $rightOnly, $lateLeft, $lateRight] =
            $left === $right
                ? [$none, $none, $none, $none]
                : [
                    $apart($left->inTime & ~$both), $apart($right->inTime & ~$both), $apart($left->late & ~$late),
                    $apart($right->late & ~$late),
                ];

        return new Hearing(
            PointSet::fromBits($both),
            $late === 0 ? $none : PointSet::fromBits($late),
            isset($this->waved[$id]),
            $atMs,
            $this->lastAtMs[$id] ?? $atMs,
            $turn,
            $wrong === 0 ? $none : PointSet::fromBits($wrong),
            $leftOnly,
            $rightOnly,
            $this->spoken->figuresOf($id),
            $this->spoken->wordsOf($id),
            null,
            isset($this->afterwards[$id]),
            $lateLeft,
            $lateRight,
            isset($this->wavedLate[$id]),
            isset($this->pointsOpen[$id]),
        );
    }

    private function say(ItemMark $heard, int $points): void
    {
        $id = $heard->item->id;
        unset($this->waved[$id], $this->pointsOpen[$id]);
        if (! isset($this->firstAtMs[$id])) {
            $this->firstAtMs[$id] = $heard->mark->atMs;
            if ($heard->mark->said !== null) {
                $this->afterwards[$id] = true;
            }
        }
        $this->lastAtMs[$id] = $heard->mark->atMs;
        [$left, $right] = $this->tallies[$id] ?? $this->begin($heard->item);
        // Where sides are not asked apart, both are one tally.
        if ($left === $right || $heard->of->side !== Side::Right) {
            $left->say($points | $this->named, $heard->isShut);
        }
        if ($left !== $right && $heard->of->side !== Side::Left) {
            $right->say($points | $this->named, $heard->isShut);
        }
    }

    /** @return array{Tally, Tally} */
    private function begin(Item $item): array
    {
        $left = new Tally;

        return $this->tallies[$item->id] = [$left, $this->sidesCount && $item->twoSided ? new Tally : $left];
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
