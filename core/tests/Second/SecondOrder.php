<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Second;

/** How many items are out of place, by trying every order that a checklist allows. */
final readonly class SecondOrder
{
    /**
     * @param  list<array<string, mixed>>  $items  of SecondList
     * @param  array<string, string>  $rule
     * @param  list<string>  $said  ids in the order of naming
     */
    public function __construct(private array $items, private array $rule, private array $said) {}

    public function outOfPlace(): int
    {
        $parts = $this->rule['items'] ?? 'fixed';
        $isFixed = ($this->rule['sections'] ?? 'fixed') === 'fixed';
        if ($parts === 'free' && ! $isFixed) {
            return 0;
        }
        $listed = array_values(array_unique(array_column($this->items, 'section')));
        $walked = array_values(
            array_filter(
                $listed,
                fn (string $section): bool => array_filter(
                    $this->said,
                    fn (string $id): bool => $this->item($id)['section'] === $section,
                ) !== [],
            ),
        );
        $fewest = PHP_INT_MAX;
        foreach ($this->ways() as [$turn, $tandem]) {
            foreach ($isFixed ? [$walked] : self::orders($walked) as $sections) {
                $fewest = min(
                    $fewest,
                    count($this->said) -
                        $this->longest(fn (string $id): array => $this->rank($id, $sections, $parts, $turn, $tandem)),
                );
            }
        }

        return $fewest;
    }

    private function ways(): array
    {
        $ways = [];
        foreach (match ($this->rule['direction'] ?? 'kept') {
            'inside-out' => [1], 'outside-in' => [-1], default => [1, -1]
        } as $turn) {
            foreach (match ($this->rule['tandem'] ?? 'kept') {
                'axle' => ['axle'], 'part' => ['part'], default => ['axle', 'part']
            } as $tandem) {
                $ways[] = [$turn, $tandem];
            }
        }

        return $ways;
    }

    /**
     * Where an item is expected: section, run of stops at one axle, then axle and stop or stop and axle, then its place
     * in the list.
     */
    private function rank(string $id, array $sections, string $parts, int $turn, string $tandem): array
    {
        $item = $this->item($id);
        $section = array_search($item['section'], $sections, true);
        if ($parts === 'free') {
            return [$section, 0, 0, 0, 0];
        }
        $places = array_values(
            array_unique(
                array_column(
                    array_filter($this->items, static fn (array $one): bool => $one['section'] === $item['section']),
                    'place',
                ),
            ),
        );
        $atAxle = array_values(
            array_filter(
                $places,
                fn (string $place): bool => $this->first($place)['group'] !== null ||
                    $this->first($place)['axles'] !== [],
            ),
        );
        $isWorked = count($atAxle) > 1;
        $run = $stops = $axles = [];
        $runs = -1;
        $before = false;
        foreach ($places as $place) {
            $first = $this->first($place);
            $group = $first['axles'] === [] ? null : preg_replace('/-\d+$/', '', $first['axles'][0]);
            if ($group === null || $group !== $before) {
                $runs++;
            }
            $before = $group;
            $run[$place] = $runs;
            $stops[$runs][$first['stop']] ??= count($stops[$runs] ?? []);
            $axles[$runs][implode(' ', $first['axles'])] ??= count($axles[$runs] ?? []);
        }
        $at = $run[$item['place']];
        $stop = $stops[$at][$item['stop']] * ($item['axles'] === [] ? 1 : $turn);
        $axle = $axles[$at][implode(' ', $item['axles'])];
        $order = $tandem === 'axle' ? [$axle, $stop] : [$stop, $axle];
        if ($parts === 'grouped') {
            return $isWorked ? [$section, $at, ...$order, 0] : [$section, 0, 0, 0, 0];
        }

        return [$section, $at, ...$order, (int) array_search($id, array_column($this->items, 'id'), true)];
    }

    /** The longest run of items in the expected order; of equal rank in the order in which they were said. */
    private function longest(callable $rank): int
    {
        $ranks = array_map($rank, $this->said);
        $best = [];
        foreach ($ranks as $n => $of) {
            $best[$n] = 1;
            for ($m = 0; $m < $n; $m++) {
                if (($ranks[$m] <=> $of) <= 0) {
                    $best[$n] = max($best[$n], $best[$m] + 1);
                }
            }
        }

        return max([0, ...$best]);
    }

    private function item(string $id): array
    {
        foreach ($this->items as $item) {
            if ($item['id'] === $id) {
                return $item;
            }
        }

        return [];
    }

    private function first(string $place): array
    {
        foreach ($this->items as $item) {
            if ($item['place'] === $place) {
                return $item;
            }
        }

        return [];
    }

    private static function orders(array $of): array
    {
        if (count($of) < 2) {
            return [$of];
        }
        $orders = [];
        foreach ($of as $n => $first) {
            $rest = $of;
            unset($rest[$n]);
            foreach (self::orders(array_values($rest)) as $order) {
                $orders[] = [$first, ...$order];
            }
        }

        return $orders;
    }
}
