<?php

declare(strict_types=1);

namespace Pasada\Core\Scoring\Order;

/**
 * The order of free sections that is fairest to the student: the one under which the fewest items are out of place.
 *
 * Exact while no more than twelve sections were left and come back to; of more, the best of many is taken.
 */
final class SectionOrder
{
    /** Two to the twelfth: every choice among twelve sections. */
    private const MOST_CHOICES = 4096;

    /**
     * @var list<array{string, list<int>}> stretches of one section with the ranks said in them, in the order of naming
     */
    private array $stretches = [];

    /** @var array<string, int> a bit for each section that was come back to */
    private array $bits = [];

    /**
     * The best that is known at the start of each stretch, by the sections that had their turn: items kept, and how it
     * was reached.
     *
     * @var list<array<int, array{int, int, int, ?string}>> kept, stretch before, choice before, section
     */
    private array $best;

    /**
     * @param  list<string>  $sections  of each item, in the order of naming
     * @param  list<int>  $ranks  of each item within its section
     */
    private function __construct(array $sections, array $ranks)
    {
        $count = [];
        foreach ($sections as $n => $section) {
            $last = count($this->stretches) - 1;
            if ($last >= 0 && $this->stretches[$last][0] === $section) {
                $this->stretches[$last][1][] = $ranks[$n];
            } else {
                $this->stretches[] = [$section, [$ranks[$n]]];
                $count[$section] = ($count[$section] ?? 0) + 1;
            }
        }
        foreach (array_filter($count, static fn (int $stretches): bool => $stretches > 1) as $section => $ignored) {
            $this->bits[$section] = 1 << count($this->bits);
        }
        $this->best = array_fill(0, count($this->stretches) + 1, []);
    }

    /**
     * @param  list<string>  $sections  of each item, in the order of naming
     * @param  list<int>  $ranks  of each item within its section
     * @return list<string> the sections that were walked, in the best order
     */
    public static function best(array $sections, array $ranks): array
    {
        $order = new self($sections, $ranks);
        // Nobody came back to a section: as they were walked.
        $taken = $order->bits === [] ? [] : $order->search();

        return array_values(array_unique([...$taken, ...$sections]));
    }

    /** @return list<string> */
    private function search(): array
    {
        $this->best[0] = [0 => [0, -1, 0, null]];
        foreach ($this->stretches as $at => [$section]) {
            $gains = $this->gains($at);
            $bit = $this->bits[$section] ?? 0;
            foreach ($this->fewest($this->best[$at]) as $choice => [$kept]) {
                $this->reach($at + 1, $choice, [$kept, $at, $choice, null]);
                if (($choice & $bit) === 0) {
                    foreach ($gains as $end => $gain) {
                        $this->reach($end + 1, $choice | $bit, [$kept + $gain, $at, $choice, $section]);
                    }
                }
            }
        }

        return $this->path();
    }

    /** @param  array{int, int, int, ?string}  $how */
    private function reach(int $at, int $choice, array $how): void
    {
        if (! isset($this->best[$at][$choice]) || $this->best[$at][$choice][0] < $how[0]) {
            $this->best[$at][$choice] = $how;
        }
    }

    /**
     * What a section keeps that has its turn from one of its stretches to another.
     *
     * @return array<int, int> items kept, by the last stretch
     */
    private function gains(int $from): array
    {
        $section = $this->stretches[$from][0];
        $gains = $ranks = [];
        for ($at = $from; $at < count($this->stretches); $at++) {
            if ($this->stretches[$at][0] === $section) {
                $ranks = [...$ranks, ...$this->stretches[$at][1]];
                $gains[$at] = count(LongestIncreasing::places($ranks));
            }
        }

        return $gains;
    }

    /**
     * @param  array<int, array{int, int, int, ?string}>  $choices
     * @return array<int, array{int, int, int, ?string}> as many as can be followed
     */
    private function fewest(array $choices): array
    {
        if (count($choices) <= self::MOST_CHOICES) {
            return $choices;
        }
        uasort($choices, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_slice($choices, 0, self::MOST_CHOICES, true);
    }

    /** @return list<string> */
    private function path(): array
    {
        $at = count($this->stretches);
        $most = -1;
        $choice = 0;
        foreach ($this->best[$at] as $of => [$kept]) {
            [$most, $choice] = $kept > $most ? [$kept, $of] : [$most, $choice];
        }
        $taken = [];
        while ($at > 0) {
            [, $at, $choice, $section] = $this->best[$at][$choice];
            if ($section !== null) {
                $taken[] = $section;
            }
        }

        return array_reverse($taken);
    }
}
