<?php

declare(strict_types=1);

namespace App\Demo;

use Pasada\Core\Attempt\Marks\Mark;
use Pasada\Core\Catalogue\Point;
use Pasada\Core\Catalogue\PointSet;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\Item;
use Pasada\Core\Inspection\Place;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Walks an inspection as a student of a profile would, and gives the marks an instructor would have made. */
final class DemoWalker
{
    private readonly Randomizer $random;

    private int $atMs = 0;

    private int $made = 0;

    /** @var list<Mark> */
    private array $marks = [];

    /** @param  int  $seed  the same seed gives the same marks */
    public function __construct(
        private readonly Inspection $inspection, private readonly StudentProfile $profile,
        private readonly int $attempt, private readonly int $seed,
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return list<Mark> */
    public function walk(): array
    {
        $forgotten = [];
        foreach ($this->inspection->places as $place) {
            $this->pause(2500, 6000);
            $this->marks[] = Mark::placeEntered($this->id(), $this->atMs, $place->id);
            foreach ($this->order($place) as $item) {
                if (! $this->say($item) && $this->chance(12)) {
                    $forgotten[] = $item;
                }
            }
            $this->marks[] = Mark::placeClosed($this->id(), $this->atMs, $place->id);
            if ($forgotten !== [] && $this->chance($this->profile->jumps)) {
                $this->goBackFor(array_shift($forgotten), $place);
            }
        }
        $this->pause(4000, 9000);
        $this->marks[] = Mark::finished($this->id(), $this->atMs);

        return $this->marks;
    }

    /** @return list<Item> mostly as asked; now and then a neighbor first */
    private function order(Place $place): array
    {
        $items = $place->items;
        for ($i = 1; $i < count($items); $i++) {
            if ($this->chance($this->profile->jumps)) {
                [$items[$i - 1], $items[$i]] = [$items[$i], $items[$i - 1]];
            }
        }

        return array_values($items);
    }

    private function say(Item $item): bool
    {
        $this->pause(3500, 9500);
        if (
            $this->chance($this->profile->slip($item->component, $item->position->key())) ||
            ! $this->chance($this->profile->knows($this->attempt))
        ) {
            return $this->chance(45) && $this->sayInPart($item);
        }
        $this->marks[] = Mark::heardWhole($this->id(), $this->atMs, $item->id);
        if ($this->chance(2)) {
            // The instructor's thumb slips as well.
            $wrong = $this->marks[count($this->marks) - 1]->id;
            $this->marks[] = Mark::undo($this->id(), $this->atMs, $wrong);
            $this->marks[] = Mark::heardWhole($this->id(), $this->atMs, $item->id);
        }

        return true;
    }

    private function sayInPart(Item $item): bool
    {
        $points = $item->points->points();
        // What is taught first is said first.
        $said = array_values(
            array_filter($points, fn (Point $point): bool => $this->chance($item->essential->has($point) ? 75 : 25)),
        );
        // Half said is half said: something that it needs is missing.
        $essential = $item->essential->points();
        if ($item->essential->without(PointSet::of(...$said))->isEmpty()) {
            $left = array_pop($essential) ?? end($points);
            $said = array_values(array_filter($said, static fn (Point $point): bool => $point !== $left));
        }
        $this->marks[] = Mark::pointsHeard($this->id(), $this->atMs, $item->id, PointSet::of(...$said));

        return true;
    }

    private function goBackFor(Item $item, Place $from): void
    {
        $this->pause(3000, 8000);
        $this->marks[] = Mark::placeEntered($this->id(), $this->atMs, $item->place);
        $this->pause(3000, 6000);
        $this->marks[] = Mark::heardWhole($this->id(), $this->atMs, $item->id);
        $this->marks[] = Mark::placeClosed($this->id(), $this->atMs, $item->place);
        $this->pause(2000, 5000);
        $this->marks[] = Mark::placeEntered($this->id(), $this->atMs, $from->id);
        $this->marks[] = Mark::placeClosed($this->id(), $this->atMs, $from->id);
    }

    private function pause(int $fromMs, int $toMs): void
    {
        $this->atMs += $this->random->getInt($fromMs, $toMs);
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** A UUIDv7 whose time is the time of the walk and whose rest is the seed and a count: unique and repeatable. */
    private function id(): string
    {
        return sprintf(
            '%08x-%04x-7%03x-8%03x-%06x%06x', $this->atMs >> 16, $this->atMs & 0xFFFF, $this->made++ & 0xFFF,
            $this->seed & 0xFFF, $this->seed & 0xFFFFFF, $this->made,
        );
    }
}
