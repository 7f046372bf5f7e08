<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Sheet;

use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Side;
use Pasada\Core\Listening\Evidence;

/** The axle of a group, and the side, at which the speaker is while the words are gone through: it changes. */
final class Turn
{
    /** Words up to which what tells the axle or the side was taken. */
    public int $axleTold = -1;

    private int $sideTold = -1;

    /** From 0, in the order in which they are walked; may be beyond the last, which is then meant. */
    private int $axle = 0;

    private ?Side $side = null;

    /** @var array{string, int}|null the unit that was told: noun and number, or WhichOne::LAST */
    private ?array $unit = null;

    /** @var array<string, array<string, true>> point codes by component, of this turn */
    private array $heard = [];

    /** @param  int  $number  from 1, or of WhichOne */
    public function goTo(int $number, int $word): void
    {
        $axle = match ($number) {
            WhichOne::LAST => PHP_INT_MAX - 1,
            WhichOne::NEXT => $this->axle + 1,
            default => $number - 1,
        };
        $this->axleTold = $word;
        if ($axle !== $this->axle) {
            $this->axle = $axle;
            $this->heard = [];
        }
    }

    /** @param  array{string, int}  $unit  noun and number, or WhichOne::LAST */
    public function goAlong(array $unit, int $word): void
    {
        $this->axleTold = max($this->axleTold, $word);
        if ($unit !== $this->unit) {
            [$this->unit, $this->axle, $this->heard] = [$unit, 0, []];
        }
    }

    /** @param  Side|null  $side  null for the other one */
    public function turnTo(?Side $side, int $word): void
    {
        if ($word === $this->sideTold) {
            return;
        }
        $side ??= $this->side === Side::Right ? Side::Left : Side::Right;
        $this->sideTold = $word;
        if ($side !== $this->side) {
            $this->side = $side;
            $this->heard = [];
        }
    }

    /** Whether what is said of a part was said in this turn already: two parts "no cracks" alike are two parts. */
    public function isAgain(string $component, Evidence $evidence): bool
    {
        $before = $this->heard[$component] ?? null;

        return $before !== null &&
            ($evidence->points === []
                ? $before === []
                : array_intersect_key($before, array_column($evidence->points, null, 'value')) !== []);
    }

    public function next(bool $hasSides): void
    {
        $this->heard = [];
        if ($hasSides && $this->side !== Side::Right) {
            $this->side = Side::Right;

            return;
        }
        $this->side = $hasSides ? Side::Left : $this->side;
        $this->axle++;
    }

    public function hear(string $component, Evidence $evidence): void
    {
        $this->heard[$component] ??= [];
        foreach ($evidence->points as $point) {
            $this->heard[$component][$point->value] = true;
        }
    }

    /** @param  non-empty-list<Item>  $items  that are asked one by one, in walking order */
    public function of(array $items): Item
    {
        $spots = $this->along(
            array_values(array_unique(array_map(static fn (Item $item): string => $item->position->spot(), $items))),
        );
        $spot = $spots[min($this->axle, count($spots) - 1)];
        $chosen = null;
        foreach ($items as $item) {
            if (
                $item->position->spot() === $spot &&
                ($chosen === null || ($this->side !== null && $item->position->side === $this->side))
            ) {
                $chosen = $item;
            }
        }

        return $chosen ?? $items[0];
    }

    /**
     * Those of the unit that was told, where any is.
     *
     * @param  non-empty-list<string>  $spots  in walking order
     * @return non-empty-list<string>
     */
    private function along(array $spots): array
    {
        if ($this->unit === null) {
            return $spots;
        }
        [$noun, $number] = $this->unit;
        $units = [];
        foreach ($spots as $spot) {
            if (preg_match('/^(?:[a-z]+-)?'.$noun.'\b/', $spot, $unit) === 1) {
                $units[$unit[0]][] = $spot;
            }
        }
        $units = array_values($units);
        $last = count($units) - 1;

        return $units[$number === WhichOne::LAST ? $last : min($number - 1, $last)] ?? $spots;
    }
}
