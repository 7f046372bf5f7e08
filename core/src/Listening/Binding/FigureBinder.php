<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Language\QuantityUnit;
use Pasada\Core\Listening\Lexicon\EntryKind;

/** Gives figures to the parts they measure. */
final readonly class FigureBinder
{
    public function __construct(private Topic $topic, private bool $namesLast) {}

    public function measure(Quantity $quantity): void
    {
        if ($this->namesLast) {
            $this->topic->forgetWaiting();
            $this->topic->waitingFigures[] = $quantity;
            $this->topic->stated = $quantity->from;

            return;
        }
        if (in_array($this->topic->words->text[$quantity->from - 1] ?? '', ['not'], true)) {
            return;
        }
        $bound = Bound::around($this->topic->words, $quantity);
        $taken = null;
        $first = -1;
        foreach ($this->near($quantity) as $n) {
            $finding = $this->topic->findings[$n];
            $point = Measure::pointOf($quantity, $finding->placed->part);
            $spreads =
                $taken !== null &&
                $point === $taken &&
                $finding->from < $quantity->from &&
                $this->shares($n, $first, $point);
            $isCut =
                in_array($quantity->unit, [QuantityUnit::Fraction, QuantityUnit::None], true) &&
                $finding->to < $quantity->from &&
                $this->topic->isBrokenBetween($finding->to, $quantity->from);
            if ($point === null || ($taken !== null && ! $spreads) || $isCut) {
                continue;
            }
            $this->giveFigure($n, $quantity, $bound);
            $first = $taken === null ? $n : $first;
            $taken = $point;
        }
        if ($taken === null) {
            $this->count($quantity);
        }
    }

    /**
     * Push rod and slack adjuster are pulled as one, and "the belt" is that of the part it drives, so one figure may
     * tell of both.
     */
    private function shares(int $n, int $first, Point $point): bool
    {
        $taker = $this->topic->findings[$first]->placed;
        if ($point === Point::BeltPlay) {
            return $taker->kind === EntryKind::PartWhereFitting;
        }
        foreach ($point === Point::RodPlay ? [...$this->topic->history, $this->topic->group] : [] as $group) {
            $keys = array_map(fn (int $one): string => $this->topic->findings[$one]->placed->key(), $group);
            if (in_array($n, $group, true) && in_array($taker->key(), $keys, true)) {
                return true;
            }
        }

        return false;
    }

    public function giveFigure(int $n, Quantity $quantity, Bound $bound): void
    {
        $finding = $this->topic->findings[$n];
        $point = Measure::pointOf($quantity, $finding->placed->part);
        if ($point === null) {
            return;
        }
        $finding->add($point, true, $quantity->from, $quantity->to);
        // What is read off after the limit was told does not take its place.
        if (
            $bound === Bound::Plain &&
            isset($finding->said[$point->value]) &&
            $finding->said[$point->value][1] !== Bound::Plain
        ) {
            return;
        }
        $finding->figures = [...$finding->figures, ...Measure::figures($quantity, $point, $finding->placed->part)];
        $finding->said[$point->value] = [$quantity, $bound];
        $this->topic->stated = $quantity->from;
    }

    /** "Four of them", "all ten": how many of the part at hand. */
    private function count(Quantity $quantity): void
    {
        $text = $this->topic->words->text;
        $counts =
            $quantity->unit === QuantityUnit::None &&
            $quantity->value < 40 &&
            ($text[$quantity->from - 1] ?? '') !== 'one' &&
            ((in_array($text[$quantity->to] ?? '', ['of'], true) &&
                in_array($text[$quantity->to + 1] ?? '', ['them', 'these', 'those'], true)) ||
                ($text[$quantity->from - 1] ?? '') === 'all');
        if ($counts && $this->topic->group !== [] && $quantity->value > 1) {
            $finding = $this->topic->last();
            if ($quantity->from - $finding->to < 8) {
                $finding->figures['count'] = $quantity->value;
                // "All ten there": none is missing.
                if (($text[$quantity->to] ?? '') !== 'of' && $finding->placed->part->points->has(Point::Complete)) {
                    $finding->add(Point::Complete, true, $quantity->from, $quantity->to);
                }
            }
        }
    }

    /** @return list<int> findings that a figure may belong to, the nearest first */
    private function near(Quantity $quantity): array
    {
        $near = array_reverse($this->topic->group);
        foreach (array_reverse($this->topic->history) as $group) {
            $near = [...$near, ...array_reverse($group)];
        }
        $near = array_values(
            array_filter($near, fn (int $n): bool => $quantity->from - $this->topic->findings[$n]->to < 22),
        );
        // "Three triangles", "a quarter inch of lining": the name may follow.
        foreach ($this->topic->findings as $n => $finding) {
            $away = $finding->placed->mention->from - $quantity->to;
            if ($away > 4) {
                break;
            }
            if ($away >= 0) {
                $isNext =
                    $near === [] ||
                    Measure::pointOf($quantity, $this->topic->findings[$near[0]]->placed->part) === null;
                $near = $isNext && $away <= 2 ? [$n, ...$near] : [...$near, $n];
            }
        }

        return $near;
    }
}
